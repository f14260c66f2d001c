<?php

declare(strict_types=1);

namespace Regimen\Route\Standards;

use Regimen\Instrument\Finish\FinishSystem;

/** The standards of one shop: for every operation in each way it is done, and every finish system it works with. */
final readonly class HouseStandards
{
    /**
     * @param  array<string, non-empty-array<string, Standard>>  $operations  by key, the usual way first, and by tool
     * @param  array<string, FinishStandard>  $finishes  by system
     */
    private function __construct(private array $operations, private array $finishes, public HouseRules $house)
    {
    }

    /**
     * @param  iterable<Standard>  $operations
     * @param  iterable<FinishStandard>  $finishes
     */
    public static function of(iterable $operations, iterable $finishes, ?HouseRules $house = null): self
    {
        $byKey = [];
        foreach ($operations as $standard) {
            $byKey[$standard->key] = $standard->usual
                ? [$standard->tool->value => $standard, ...$byKey[$standard->key] ?? []]
                : [...$byKey[$standard->key] ?? [], $standard->tool->value => $standard];
        }
        $bySystem = [];
        foreach ($finishes as $standard) {
            $bySystem[$standard->system->value] = $standard;
        }

        return new self($byKey, $bySystem, $house ?? HouseRules::usual());
    }

    /**
     * In the way that is asked for, if the house knows it; the usual way otherwise.
     *
     * @throws UnknownStandard
     */
    public function operation(string $key, ?Tool $tool = null): Standard
    {
        $ways = $this->operations[$key] ?? throw UnknownStandard::operation($key);

        return $ways[$tool->value ?? ''] ?? $ways[array_key_first($ways)];
    }

    /** @return list<Standard> the ways in which an operation can be done, the usual one first */
    public function ways(string $key): array
    {
        return array_values($this->operations[$key] ?? []);
    }

    /** @throws UnknownStandard */
    public function finish(FinishSystem $system): FinishStandard
    {
        return $this->finishes[$system->value] ?? throw UnknownStandard::finish($system->value);
    }

    /** @return list<Standard> */
    public function operations(): array
    {
        return array_merge(...array_map(array_values(...), array_values($this->operations)));
    }

    /** @return list<FinishStandard> */
    public function finishes(): array
    {
        return array_values($this->finishes);
    }
}
