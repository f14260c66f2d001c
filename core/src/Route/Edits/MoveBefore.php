<?php

declare(strict_types=1);

namespace Regimen\Route\Edits;

use Regimen\Route\Link;

/** One operation is to come before another; what asked for the opposite gives way and is judged. */
final readonly class MoveBefore implements Edit
{
    public function __construct(public string $key, public string $target)
    {
    }

    public function apply(Workbench $bench): void
    {
        $moved = $bench->operation($this->key);
        $bench->operation($this->target);
        if ($this->key === $this->target) {
            throw ImpossibleEdit::because("“{$moved->name}” cannot come before itself.");
        }
        $behind = $bench->descendants($this->target) + [$this->target => true];
        foreach ($bench->before($this->key) as $link) {
            if (isset($behind[$link->before])) {
                $bench->unlink($link->before, $link->after);
            }
        }
        $bench->link(new Link($this->key, $this->target, 'Moved before it on this build.', rule: Workbench::OWN));
    }

    public function words(Workbench $bench): string
    {
        return "“{$bench->nameOf($this->key)}” before “{$bench->nameOf($this->target)}”.";
    }

    public function toArray(): array
    {
        return ['kind' => 'move', 'key' => $this->key, 'target' => $this->target];
    }
}
