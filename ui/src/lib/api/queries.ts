import { createQuery, type QueryClient } from '@tanstack/svelte-query';
import { answered, api, type Schemas } from './client';

export const sitePage = () =>
  createQuery(() => ({ queryKey: ['site'], queryFn: () => answered(api.GET('/api/site')) }));

export const plantList = () =>
  createQuery(() => ({ queryKey: ['plants'], queryFn: () => answered(api.GET('/api/plants')) }));

/** Plants that were given away or lost. */
export const gonePlants = () =>
  createQuery(() => ({
    queryKey: ['gone'],
    queryFn: () => answered(api.GET('/api/plants/gone')),
  }));

export const openChecks = () =>
  createQuery(() => ({ queryKey: ['checks'], queryFn: () => answered(api.GET('/api/checks')) }));

export const benchList = () =>
  createQuery(() => ({ queryKey: ['benches'], queryFn: () => answered(api.GET('/api/benches')) }));

export const choices = () =>
  createQuery(() => ({
    queryKey: ['choices'],
    queryFn: () => answered(api.GET('/api/choices')),
    staleTime: Infinity,
  }));

export const rulesPage = () =>
  createQuery(() => ({ queryKey: ['rules'], queryFn: () => answered(api.GET('/api/rules')) }));

export const kindList = () =>
  createQuery(() => ({ queryKey: ['kinds'], queryFn: () => answered(api.GET('/api/kinds')) }));

export const collectionApproach = () =>
  createQuery(() => ({
    queryKey: ['approach'],
    queryFn: () => answered(api.GET('/api/approach')),
  }));

export const plantPage = (id: () => number) =>
  createQuery(() => ({
    queryKey: ['plant', id()],
    queryFn: () => answered(api.GET('/api/plants/{id}', { params: { path: { id: id() } } })),
    enabled: id() > 0,
  }));

export const photosOf = (id: () => number) =>
  createQuery(() => ({
    queryKey: ['photos', id()],
    queryFn: () => answered(api.GET('/api/plants/{id}/photos', { params: { path: { id: id() } } })),
  }));

/** Looks a plant up before it is come to. */
export function prefetchPlant(client: QueryClient, id: number): void {
  void client.prefetchQuery({
    queryKey: ['plant', id],
    queryFn: () => answered(api.GET('/api/plants/{id}', { params: { path: { id } } })),
    staleTime: 60_000,
  });
}

/** Takes over what a write answered; everything drawn from other plants is asked for again. */
export function keep(client: QueryClient, saved: Schemas['Saved']): void {
  client.setQueryData(['plant', saved.plant.id], saved.plant);
  void client.invalidateQueries({ queryKey: ['plants'] });
  void client.invalidateQueries({ queryKey: ['checks'] });
}
