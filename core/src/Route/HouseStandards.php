<?php

declare(strict_types=1);

namespace Regimen\Route;

use Regimen\Instrument\FinishSystem;

/** The standards of one shop: for every operation and every finish system it works with. */
final readonly class HouseStandards
{
    /**
     * @param  array<string, Standard>  $operations  by key
     * @param  array<string, FinishStandard>  $finishes  by system
     */
    private function __construct(private array $operations, private array $finishes)
    {
    }

    /**
     * @param  iterable<Standard>  $operations
     * @param  iterable<FinishStandard>  $finishes
     */
    public static function of(iterable $operations, iterable $finishes): self
    {
        $byKey = [];
        foreach ($operations as $standard) {
            $byKey[$standard->key] = $standard;
        }
        $bySystem = [];
        foreach ($finishes as $standard) {
            $bySystem[$standard->system->value] = $standard;
        }

        return new self($byKey, $bySystem);
    }

    /** @throws UnknownStandard */
    public function operation(string $key): Standard
    {
        return $this->operations[$key] ?? throw UnknownStandard::operation($key);
    }

    /** @throws UnknownStandard */
    public function finish(FinishSystem $system): FinishStandard
    {
        return $this->finishes[$system->value] ?? throw UnknownStandard::finish($system->value);
    }

    /** @return list<Standard> */
    public function operations(): array
    {
        return array_values($this->operations);
    }

    /** @return list<FinishStandard> */
    public function finishes(): array
    {
        return array_values($this->finishes);
    }
}
