package almanac.app.errands.bench.dividing;

/** An example for the description of the interface; a test sends it. */
final class CutPlansExample {
  static final String TWO_FRONTS =
      """
      {"kind":"oncidium",
       "growths":[
         {"name":"1","firmness":"FIRM","roots":4,"newRoots":true,"front":"LEAD"},
         {"name":"2","firmness":"FIRM","roots":3,"newRoots":false,"front":"SPENT"},
         {"name":"3","firmness":"FIRM","roots":2,"newRoots":false,"front":"SPENT"},
         {"name":"4","firmness":"FIRM","roots":2,"newRoots":false,"front":"SPENT"},
         {"name":"5","firmness":"WRINKLED","roots":1,"newRoots":false,"front":"SPENT"},
         {"name":"6","firmness":"FIRM","roots":3,"newRoots":false,"front":"EYE"},
         {"name":"7","firmness":"FIRM","roots":5,"newRoots":true,"front":"LEAD"}],
       "joints":[
         {"one":"1","other":"2","natural":false},{"one":"2","other":"3","natural":false},
         {"one":"3","other":"4","natural":true},{"one":"4","other":"5","natural":false},
         {"one":"5","other":"6","natural":false},{"one":"6","other":"7","natural":false}],
       "cuts":[1]}""";

  private CutPlansExample() {}
}
