<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes;

use App\Pages\Shop\Option;
use App\Pages\Trying\ChangeField;
use Closure;

/** One thing that a change has to say: what is refused about it, and how it is asked for. */
final readonly class AskedField
{
    /**
     * @param  string  $means  what it is called in a refusal
     * @param  list<mixed>  $rules
     * @param  'text'|'date'|'moment'  $type
     * @param  string|null  $label  null where no form asks for it
     * @param  (Closure(): list<Option>)|null  $options
     */
    private function __construct(
        public string $name,
        public string $means,
        public array $rules,
        private ?string $label = null,
        private string $type = 'text',
        private ?Closure $options = null,
        private string $hint = '',
        private string $value = '',
    ) {
    }

    public static function of(string $name, string $means, mixed ...$rules): self
    {
        return new self($name, $means, array_values($rules));
    }

    /**
     * @param  'text'|'date'|'moment'  $type
     * @param  string  $value  what it holds before anything is written
     */
    public function asked(string $label, string $type = 'text', string $hint = '', string $value = ''): self
    {
        return new self($this->name, $this->means, $this->rules, $label, $type, null, $hint, $value);
    }

    /** @param  Closure(): list<Option>  $options */
    public function chosen(string $label, Closure $options): self
    {
        return new self($this->name, $this->means, $this->rules, $label, 'text', $options);
    }

    public function shown(): ?ChangeField
    {
        return $this->label === null ? null : new ChangeField(
            name: $this->name, label: $this->label, type: $this->type,
            options: $this->options === null ? null : ($this->options)(), hint: $this->hint, value: $this->value,
        );
    }
}
