import type { RouteOperation } from '@/lib/props';

/** The operations that lead to one, directly or not, and those that wait for it. */
export function around(operations: RouteOperation[], key: string): { before: Set<string>; behind: Set<string> } {
    const walk = (next: (one: string) => string[]): Set<string> => {
        const found = new Set<string>();
        const left = [key];
        while (left.length > 0) {
            for (const one of next(left.pop() ?? '')) {
                if (!found.has(one)) {
                    found.add(one);
                    left.push(one);
                }
            }
        }
        return found;
    };
    const after = new Map(operations.map((operation) => [operation.key, operation.after.map((link) => link.key)]));
    return {
        before: walk((one) => after.get(one) ?? []),
        behind: walk((one) =>
            operations.filter((operation) => after.get(operation.key)?.includes(one)).map((operation) => operation.key),
        ),
    };
}
