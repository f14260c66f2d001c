<?php

declare(strict_types=1);

namespace Regimen\Route;

use Regimen\Route\Standards\ThreePoint;
use Regimen\Units\Duration;

/** A build's operations in an order that obeys every link. */
final readonly class Route
{
    /**
     * @param  list<Operation>  $operations  each after all that must come before it
     * @param  list<Link>  $links
     * @param  list<Clash>  $clashes  rules that could not be kept together
     */
    private function __construct(public array $operations, public array $links, public array $clashes)
    {
    }

    /**
     * @param  list<Operation>  $operations  in the order in which they are listed; kept where the links allow
     * @param  list<Link>  $links  between operations of the list
     * @param  list<Clash>  $clashes
     *
     * @throws CyclicRoute
     */
    public static function of(array $operations, array $links, array $clashes = []): self
    {
        return new self(self::sorted($operations, $links), $links, $clashes);
    }

    /** Set-up and labour of all operations. */
    public function work(): Duration
    {
        return array_reduce(
            $this->operations,
            static fn (Duration $sum, Operation $operation): Duration => $sum->plus($operation->work()),
            Duration::zero(),
        );
    }

    public function setUps(): Duration
    {
        return array_reduce(
            $this->operations,
            static fn (Duration $sum, Operation $operation): Duration => $sum->plus($operation->setUp),
            Duration::zero(),
        );
    }

    /** Labour of all operations at best, as usual and at worst. */
    public function hours(): ThreePoint
    {
        $none = new ThreePoint(Duration::zero(), Duration::zero(), Duration::zero());

        return array_reduce(
            $this->operations,
            static fn (ThreePoint $sum, Operation $operation): ThreePoint => $sum->plus($operation->hours),
            $none,
        );
    }

    /** @return array<string, int> where each operation stands, from 0, by key */
    public function positions(): array
    {
        return array_flip(array_map(static fn (Operation $operation): string => $operation->key, $this->operations));
    }

    public function find(string $key): ?Operation
    {
        foreach ($this->operations as $operation) {
            if ($operation->key === $key) {
                return $operation;
            }
        }

        return null;
    }

    /**
     * What is before each operation, directly or not.
     *
     * @return array<string, array<string, true>> by key
     */
    public function ancestors(): array
    {
        $direct = [];
        foreach ($this->links as $link) {
            $direct[$link->after][] = $link->before;
        }
        $ancestors = [];
        foreach ($this->operations as $operation) {
            $all = [];
            foreach ($direct[$operation->key] ?? [] as $before) {
                $all[$before] = true;
                $all += $ancestors[$before];
            }
            $ancestors[$operation->key] = $all;
        }

        return $ancestors;
    }

    /**
     * What has been worked by then on the pieces that an operation touches: the labour that a mistake in it can cost.
     *
     * @return array<string, Duration> by key
     */
    public function atStake(): array
    {
        $byKey = [];
        foreach ($this->operations as $operation) {
            $byKey[$operation->key] = $operation;
        }
        $stake = [];
        foreach ($this->ancestors() as $key => $before) {
            $minutes = 0;
            foreach ($before as $earlier => $_) {
                $minutes += $byKey[$key]->touches($byKey[$earlier]) ? $byKey[$earlier]->work()->minutes : 0;
            }
            $stake[$key] = Duration::ofMinutes($minutes);
        }

        return $stake;
    }

    /**
     * @param  list<Operation>  $operations
     * @param  list<Link>  $links
     * @return list<Operation>
     */
    private static function sorted(array $operations, array $links): array
    {
        $waitsFor = $next = $names = [];
        foreach ($operations as $operation) {
            $names[$operation->key] = $operation->name;
        }
        foreach ($links as $link) {
            $waitsFor[$link->after] = ($waitsFor[$link->after] ?? 0) + 1;
            $next[$link->before][] = $link->after;
        }
        $left = $operations;
        $sorted = [];
        while ($left !== []) {
            $ready = self::firstReady($left, $waitsFor);
            if ($ready === null) {
                throw CyclicRoute::through(
                    array_map(
                        static fn (Link $link): string => $names[$link->before],
                        Loops::first(array_keys($names), $links),
                    ),
                );
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
