import type { Down, OwnedResource, PersonOff } from '@/lib/props';
import { of, type Item } from '@/components/horizon/items';

export type By = 'build' | 'person' | 'station' | 'fixture';

/** A row of the horizon that is not a build: a person, a station or a fixture. */
export interface Row {
    id: string;
    name: string;
    words: string;
    items: Item[];
    off: [number, number][];
    down: [number, number][];
}

export function rowsBy(
    by: 'person' | 'station' | 'fixture',
    items: Item[],
    people: PersonOff[],
    resources: OwnedResource[],
    outages: Down[],
    shopOff: [number, number][],
): Row[] {
    if (by === 'person') {
        return people.map((person) => ({
            id: `person-${person.id}`,
            name: person.name,
            words: '',
            items: of(person.id, items),
            off: person.off,
            down: [],
        }));
    }
    return resources
        .filter((one) => one.kind === by)
        .map((one) => ({
            id: `${one.kind}-${one.id}`,
            name: one.name,
            words: one.capacity === 1 ? '' : `there are ${one.capacity}`,
            items: items.filter((item) => (by === 'station' ? item.station : item.fixture) === one.key),
            off: shopOff,
            down: outages
                .filter((outage) => outage.key === one.key)
                .map((outage): [number, number] => [outage.from, outage.to]),
        }));
}
