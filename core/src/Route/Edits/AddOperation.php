<?php

declare(strict_types=1);

namespace Regimen\Route\Edits;

use Regimen\Route\Air\HoldKind;
use Regimen\Route\Link;
use Regimen\Route\Operation;
use Regimen\Route\Standards\Piece;
use Regimen\Route\Standards\Skill;
use Regimen\Route\Standards\Stage;
use Regimen\Route\Standards\Standard;
use Regimen\Route\Standards\ThreePoint;
use Regimen\Units\Duration;

/** An operation of one's own: a repair, a special inlay. */
final readonly class AddOperation implements Edit
{
    /**
     * @param  list<Piece>  $pieces
     * @param  list<string>  $after  keys of operations that must be over before
     * @param  list<string>  $before  keys of operations that wait for it
     */
    public function __construct(
        public string $key,
        public string $name,
        public Stage $stage,
        public array $pieces,
        public Duration $setUp,
        public Duration $labour,
        public Duration $hold,
        public Skill $skill,
        public ?string $station,
        public ?string $fixture,
        public array $after,
        public array $before,
    ) {
    }

    public function apply(Workbench $bench): void
    {
        if ($bench->has($this->key)) {
            throw ImpossibleEdit::because("There is an operation “{$bench->nameOf($this->key)}” on the route already.");
        }
        foreach ([...$this->after, ...$this->before] as $key) {
            $bench->operation($key);
        }
        $bench->put($this->operation(), $this->after === [] ? null : $this->after[array_key_last($this->after)]);
        foreach ($this->after as $key) {
            $bench->link(new Link($key, $this->key, 'As it was put on the route.', rule: Workbench::OWN));
        }
        foreach ($this->before as $key) {
            $bench->link(new Link($this->key, $key, 'As it was put on the route.', rule: Workbench::OWN));
        }
    }

    private function operation(): Operation
    {
        $hours = ThreePoint::around($this->labour);
        $holdKind = $this->hold->minutes > 0 ? HoldKind::Rest : null;
        $own = new Standard(
            '', $this->name, $this->stage, $this->setUp, $hours, $this->hold, $this->skill, $this->station,
            $this->fixture,
            holdKind: $holdKind,
        );

        return new Operation(
            $this->key, $this->name, $own, $this->setUp, $hours, $this->hold, $holdKind, $this->pieces,
            rule: Workbench::OWN, why: 'Added to this build.',
        );
    }

    public function words(Workbench $bench): string
    {
        $names = static fn (array $keys): string => implode(
            ', ',
            array_map(static fn (string $key): string => "“{$bench->nameOf($key)}”", $keys),
        );

        return "“{$this->name}” added, ".round($this->setUp->hours() + $this->labour->hours(), 2).' h'
            .($this->after === [] ? '' : ', after '.$names($this->after))
            .($this->before === [] ? '' : ', before '.$names($this->before)).'.';
    }

    public function toArray(): array
    {
        return [
            'kind' => 'add', 'key' => $this->key, 'name' => $this->name, 'stage' => $this->stage->value,
            'pieces' => array_map(static fn (Piece $piece): string => $piece->value, $this->pieces),
            'set_up' => $this->setUp->minutes, 'labour' => $this->labour->minutes, 'hold' => $this->hold->minutes,
            'skill' => $this->skill->value,
            'station' => $this->station, 'fixture' => $this->fixture, 'after' => $this->after,
            'before' => $this->before,
        ];
    }
}
