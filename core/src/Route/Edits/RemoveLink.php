<?php

declare(strict_types=1);

namespace Regimen\Route\Edits;

/** Two operations need not wait for each other any more. */
final readonly class RemoveLink implements Edit
{
    public function __construct(public string $before, public string $after)
    {
    }

    public function apply(Workbench $bench): void
    {
        if (! $bench->isLinked($this->before, $this->after)) {
            throw ImpossibleEdit::because(
                "“{$bench->nameOf($this->after)}” does not wait for “{$bench->nameOf($this->before)}” directly.",
            );
        }
        $bench->unlink($this->before, $this->after);
    }

    public function words(Workbench $bench): string
    {
        return "“{$bench->nameOf($this->after)}” no longer waits for “{$bench->nameOf($this->before)}”.";
    }

    public function toArray(): array
    {
        return ['kind' => 'unlink', 'before' => $this->before, 'after' => $this->after];
    }
}
