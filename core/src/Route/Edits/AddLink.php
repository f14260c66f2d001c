<?php

declare(strict_types=1);

namespace Regimen\Route\Edits;

use Regimen\Route\Link;

/** One operation is to come after another. */
final readonly class AddLink implements Edit
{
    public function __construct(public string $before, public string $after, public string $reason)
    {
    }

    public function apply(Workbench $bench): void
    {
        $before = $bench->operation($this->before);
        $after = $bench->operation($this->after);
        if ($this->before === $this->after) {
            throw ImpossibleEdit::because("“{$before->name}” cannot come after itself.");
        }
        if ($bench->isLinked($this->before, $this->after)) {
            throw ImpossibleEdit::because("“{$after->name}” comes after “{$before->name}” already.");
        }
        $bench->link(
            new Link(
                $this->before, $this->after, $this->reason === '' ? 'As it was put on the route.' : $this->reason,
                rule: Workbench::OWN,
            ),
        );
        $bench->mustHaveAnOrder();
    }

    public function words(Workbench $bench): string
    {
        return "“{$bench->nameOf($this->after)}” after “{$bench->nameOf($this->before)}”.";
    }

    public function toArray(): array
    {
        return ['kind' => 'link', 'before' => $this->before, 'after' => $this->after, 'reason' => $this->reason];
    }
}
