<?php

declare(strict_types=1);

namespace Regimen\Route;

use Regimen\Units\Duration;

/** A build's operations in an order that obeys every link. */
final readonly class Route
{
    /**
     * @param  list<Operation>  $operations  each after all that must come before it
     * @param  list<Link>  $links
     */
    private function __construct(public array $operations, public array $links)
    {
    }

    /**
     * @param  list<Operation>  $operations  in the order in which they are told; kept where the links allow
     * @param  list<Link>  $links  between operations of the list
     *
     * @throws CyclicRoute
     */
    public static function of(array $operations, array $links): self
    {
        return new self(self::sorted($operations, $links), $links);
    }

    /** Set-up and labour of all operations. */
    public function work(): Duration
    {
        return array_reduce($this->operations, static fn (Duration $sum, Operation $operation): Duration => $sum->plus($operation->work()), Duration::zero());
    }

    /**
     * @param  list<Operation>  $operations
     * @param  list<Link>  $links
     * @return list<Operation>
     */
    private static function sorted(array $operations, array $links): array
    {
        $waitsFor = $next = [];
        foreach ($links as $link) {
            $waitsFor[$link->after] = ($waitsFor[$link->after] ?? 0) + 1;
            $next[$link->before][] = $link->after;
        }
        $left = $operations;
        $sorted = [];
        while ($left !== []) {
            $ready = self::firstReady($left, $waitsFor);
            if ($ready === null) {
                throw CyclicRoute::among(array_map(static fn (Operation $operation): string => $operation->key, $left));
            }
            $sorted[] = $left[$ready];
            foreach ($next[$left[$ready]->key] ?? [] as $after) {
                $waitsFor[$after]--;
            }
            array_splice($left, $ready, 1);
        }

        return $sorted;
    }

    /**
     * @param  list<Operation>  $operations
     * @param  array<string, int>  $waitsFor  how many are still before each
     */
    private static function firstReady(array $operations, array $waitsFor): ?int
    {
        foreach ($operations as $index => $operation) {
            if (($waitsFor[$operation->key] ?? 0) === 0) {
                return $index;
            }
        }

        return null;
    }
}
