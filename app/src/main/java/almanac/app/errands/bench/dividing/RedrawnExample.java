package almanac.app.errands.bench.dividing;

/** An example for the description of the interface; a test sends it. */
final class RedrawnExample {
  static final String ONE_MORE =
      """
      {"map":{
        "growths":[
          {"name":"1","firmness":"FIRM","roots":3,"newRoots":false,"front":"SPENT","x":0,"y":0},
          {"name":"2","firmness":"FIRM","roots":4,"newRoots":true,"front":"LEAD","x":0,"y":30}],
        "joints":[{"one":"1","other":"2","natural":false}]},
       "change":"GROWN","name":"2","stepMm":30}""";

  private RedrawnExample() {}
}
