<?php

declare(strict_types=1);

namespace Regimen\Instrument\Fields;

/** One value of a specification: its name, what may be typed into it, and what the house takes when it is left out. */
final readonly class Field
{
    /**
     * @param  array{float, float}|null  $bounds  least and most, in mm, degrees, grams, kilohms or as counted
     * @param  string|array<string, string>  $default  as typed, or by instrument type; empty when it is computed
     * @param  array<string, string>  $options  words by value
     * @param  list<self>  $columns  of rows
     * @param  class-string<\BackedEnum>|null  $enum  of a choice
     * @param  class-string|null  $row  what a row becomes
     */
    private function __construct(
        public string $key,
        public string $label,
        public FieldKind $kind,
        public ?array $bounds = null,
        public string|array $default = '',
        public string $hint = '',
        public array $options = [],
        public array $columns = [],
        public ?string $enum = null,
        public ?string $row = null,
    ) {
    }

    /** @param  string|array<string, string>  $default */
    public static function length(
        string $key,
        string $label,
        float $least,
        float $most,
        string|array $default = '',
        string $hint = '',
    ): self {
        return new self($key, $label, FieldKind::Length, [$least, $most], $default, $hint);
    }

    /** @param  string|array<string, string>  $default */
    public static function number(
        FieldKind $kind,
        string $key,
        string $label,
        float $least,
        float $most,
        string|array $default = '',
        string $hint = '',
    ): self {
        return new self($key, $label, $kind, [$least, $most], $default, $hint);
    }

    /**
     * @param  class-string<\BackedEnum&Option>  $enum
     * @param  string|array<string, string>  $default  empty when it is worked out
     */
    public static function choice(
        string $key,
        string $label,
        string $enum,
        string|array $default,
        string $hint = '',
    ): self {
        $options = [];
        foreach ($enum::cases() as $case) {
            $options[(string) $case->value] = $case->words();
        }

        return new self($key, $label, FieldKind::Choice, null, $default, $hint, $options, [], $enum);
    }

    /** @param  string|array<string, string>  $default */
    public static function timber(string $key, string $label, string|array $default): self
    {
        return new self($key, $label, FieldKind::Timber, null, $default);
    }

    public static function text(
        FieldKind $kind,
        string $key,
        string $label,
        string $default = '',
        string $hint = '',
    ): self {
        return new self($key, $label, $kind, null, $default, $hint);
    }

    /**
     * @param  class-string  $row  what a row becomes, from its columns by name
     * @param  list<self>  $columns
     */
    public static function rows(
        string $key,
        string $label,
        string $row,
        array $columns,
        int $least,
        int $most,
        string $hint = '',
    ): self {
        return new self(
            $key, $label, FieldKind::Rows, [(float) $least, (float) $most], '', $hint, [], $columns, null, $row,
        );
    }

    /** What the trade takes for an instrument of this type; empty when it is computed or there is nothing to take. */
    public function defaultFor(string $type): string
    {
        return is_array($this->default)
            ? ($this->default[$type] ?? array_values($this->default)[0] ?? '')
            : $this->default;
    }
}
