import type { components } from './schema';

/** What goes in and out, by its name in the interface's description. */
export type Schemas = components['schemas'];
