<?php

declare(strict_types=1);

namespace Regimen\Instrument\Reading;

use Regimen\Instrument\Fields\Field;
use Regimen\Instrument\InvalidSpecification;
use Regimen\Instrument\Specification;

/**
 * What came of reading a specification: the instrument if it can be built, what is wrong if not, and where each value
 * is from.
 */
final readonly class ReadSpecification
{
    public const CLIENT = 'client';

    public const HOUSE = 'house';

    public const COMPUTED = 'computed';

    /**
     * @param  array<string, string>  $problems  what is wrong and what would be right, by field; empty with a
     *   specification
     * @param  array<string, string>  $sources  client, house or computed, by field; nothing for what is not there
     * @param  array<string, mixed>  $values  as the parts hold them, by field
     * @param  array<mixed>  $client  as it was typed, by field
     * @param  array<mixed>  $house  what stands where the client says nothing
     * @param  array<string, string>  $idle  why a field does not apply to this instrument, by field
     */
    public function __construct(
        public ?Specification $specification,
        public array $problems,
        public array $sources,
        public array $values,
        public array $client,
        public array $house,
        public array $idle = [],
    ) {
    }

    /** @return array<string, string> what the client says although it does not apply, with why */
    public function leftAside(): array
    {
        return array_filter(
            $this->idle,
            fn (string $field): bool => ($this->sources[$field] ?? '') === self::CLIENT,
            ARRAY_FILTER_USE_KEY,
        );
    }

    /** A value as it is printed: nothing for what does not apply. */
    public function printed(Field $field): string
    {
        return isset($this->idle[$field->key]) ? '' : FieldWords::of($field, $this->values[$field->key] ?? null);
    }

    /** As it is printed: in both units, where there are two. */
    public function printedInBoth(Field $field): string
    {
        $words = $this->printed($field);
        $other = $words === '' ? '' : FieldWords::other($field, $this->values[$field->key] ?? null);

        return $other === '' ? $words : "{$words} ({$other})";
    }

    /** @throws InvalidSpecification */
    public function orFail(): Specification
    {
        return $this->specification ?? throw new InvalidSpecification($this->problems);
    }
}
