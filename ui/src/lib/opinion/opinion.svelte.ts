import { answered, api, Problem, problemOf } from '$lib/api/client';
import { Saving } from '$lib/api/saving.svelte';
import type { Schemas } from '$lib/interface/schemas';
import { CaseInHand } from '$lib/trainer/sitting.svelte';

type Question = Schemas['OpinionQuestion'];
type AnswerFile = Schemas['OpinionAnswer'];

/** The plant of somebody else, judged blind. */
export class OpinionInHand extends CaseInHand {
  from = $state('');
  says = $state('');
  /** What goes back to whoever asked. */
  answer = $state.raw<AnswerFile>();
  readonly question: Question;

  constructor(question: Question, plant: Schemas['PlantCase']) {
    super({ key: question.plant, again: false, plant, drawing: null });
    this.question = question;
  }

  override async judge() {
    if (!this.ready) return;
    const body = {
      question: this.question,
      asks: this.asks!,
      how: this.how ?? null,
      from: this.from,
      says: this.says,
    };
    this.answer = await this.saving.save((headers) =>
      answered(api.POST('/api/opinions/answer', { headers, body })),
    );
  }
}

/** A file that was chosen: it asks for an opinion, or brings one. */
export class OpinionFile {
  hand = $state.raw<OpinionInHand>();
  beside = $state.raw<Schemas['OpinionsBeside']>();
  readonly reading = new Saving();

  async read(file: File | undefined) {
    if (!file) return;
    this.hand = undefined;
    this.beside = undefined;
    let told: { mellowAlmanac?: unknown };
    try {
      told = JSON.parse(await file.text()) ?? {};
    } catch {
      this.reading.problem = problemOf(
        new Problem('This file neither asks for an opinion nor brings one.', [], 400),
      );
      return;
    }
    if (told.mellowAlmanac === 'answer') {
      this.beside = await this.reading.save((headers) =>
        answered(api.POST('/api/opinions/compare', { headers, body: told as AnswerFile })),
      );
      return;
    }
    const question = told as Question;
    const plant = await this.reading.save((headers) =>
      answered(api.POST('/api/opinions/question', { headers, body: question })),
    );
    if (plant) this.hand = new OpinionInHand(question, plant);
  }
}
