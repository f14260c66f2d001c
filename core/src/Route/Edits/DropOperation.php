<?php

declare(strict_types=1);

namespace Regimen\Route\Edits;

/** An operation that this build does without. */
final readonly class DropOperation implements Edit
{
    public function __construct(public string $key)
    {
    }

    public function apply(Workbench $bench): void
    {
        $bench->operation($this->key);
        $bench->drop($this->key);
    }

    public function words(Workbench $bench): string
    {
        return "“{$bench->nameOf($this->key)}” left out.";
    }

    public function toArray(): array
    {
        return ['kind' => 'drop', 'key' => $this->key];
    }
}
