<?php

declare(strict_types=1);

namespace Regimen\Instrument;

/** What came of reading a specification: the instrument if it can be built, what is wrong if not, and where each value is from. */
final readonly class ReadSpecification
{
    public const CLIENT = 'client';

    public const HOUSE = 'house';

    public const COMPUTED = 'computed';

    /**
     * @param  array<string, string>  $problems  what is wrong and what would be right, by field; empty with a specification
     * @param  array<string, string>  $sources  client, house or computed, by field; nothing for what is not there
     * @param  array<string, mixed>  $values  as the parts hold them, by field
     * @param  array<mixed>  $client  as it was typed, by field
     * @param  array<mixed>  $house  what stands where the client says nothing
     */
    public function __construct(public ?Specification $specification, public array $problems, public array $sources, public array $values, public array $client, public array $house)
    {
    }

    /** @throws InvalidSpecification */
    public function orFail(): Specification
    {
        return $this->specification ?? throw new InvalidSpecification($this->problems);
    }
}
