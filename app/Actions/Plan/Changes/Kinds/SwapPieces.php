<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes\Kinds;

use App\Actions\Plan\Changes\AskedField;
use App\Actions\Plan\Changes\AskedFor;
use App\Actions\Plan\Changes\Asking;
use App\Actions\Plan\Changes\Body;
use App\Actions\Plan\Changes\InPlan;
use App\Actions\Plan\Changes\Lapses;
use App\Actions\Plan\Changes\OfBuild;
use App\Actions\Plan\Changes\Tools;
use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Models\Setback\PieceState;
use App\Pages\Shop\Option;
use App\Support\Refused;
use Illuminate\Validation\Rule;
use Regimen\Setback\PieceKind;
use Regimen\Setback\Step;
use Regimen\Setback\Thing;

/** Two builds exchange a piece, each with what is glued to it: the one that is promised earlier gets the one that is farther. */
final readonly class SwapPieces implements AskedFor, Lapses
{
    use InPlan, OfBuild;

    /** @param  string|null  $left  how far both were when they were exchanged: only as long as nobody has worked on them since */
    private function __construct(private int $number, private int $other, private PieceKind $piece, private ?string $left, private Tools $tools)
    {
    }

    public static function kind(): string
    {
        return 'swap';
    }

    public static function heading(): string
    {
        return 'two builds exchange a piece';
    }

    public static function fields(Asking $asking): array
    {
        return [
            $asking->build(),
            AskedField::of('piece', 'piece', 'required', Rule::enum(PieceKind::class))->chosen(
                'Which piece', static fn (): array => array_map(static fn (PieceKind $one): Option => new Option($one->value, $one->value), PieceKind::cases()),
            ),
            AskedField::of('other', 'other build', 'required', 'integer', "different:{$asking->field('build')}", Rule::exists('builds', 'number')->where('status', 'open'))
                ->chosen('With', $asking->choices->builds(...)),
        ];
    }

    public static function read(Body $body, Tools $tools): self
    {
        return new self($body->whole('build'), $body->whole('other'), PieceKind::tryFrom($body->text('piece')) ?? PieceKind::Neck, $body->maybe('left'), $tools);
    }

    public function body(): array
    {
        return [
            'kind' => self::kind(), 'build' => $this->number, 'other' => $this->other, 'piece' => $this->piece->value,
            ...$this->left === null ? [] : ['left' => $this->left],
        ];
    }

    public function words(): string
    {
        [$ours, $theirs] = [$this->thing($this->build()), $this->thing($this->otherOne())];

        return match (true) {
            $ours->isBegun() === $theirs->isBegun() => "{$this->number} and {$this->other} exchange {$ours->words()}.",
            $ours->isBegun() => ucfirst($ours->words())." of {$this->number} goes into {$this->other}, and {$this->number} makes another.",
            default => ucfirst($theirs->words())." of {$this->other} goes into {$this->number}, and {$this->other} makes another.",
        };
    }

    public function make(?Person $by): self
    {
        [$one, $other, $words] = [$this->buildInTheMaking(), $this->otherBuild(), $this->words()];
        [$ours, $theirs] = [$this->thing($one), $this->thing($other)];
        $values = static fn (Thing $thing): array => array_map(static fn (PieceKind $kind): string => $kind->value, $thing->kinds);
        if ($ours->isBegun() && $theirs->isBegun() && $values($ours) !== $values($theirs)) {
            throw Refused::because("In {$one->number} it is {$ours->words()}, in {$other->number} {$theirs->words()}: they cannot be exchanged.", 'piece');
        }
        $this->mustFit($other, $theirs, $one);
        $this->mustFit($one, $ours, $other);
        $moves = $this->tools->moves;
        $as = ['state' => PieceState::InStock];
        $first = $ours->isBegun() ? $moves->leave($by, $one, $ours, null, $as, again: ! $theirs->isBegun()) : null;
        $second = $theirs->isBegun() ? $moves->leave($by, $other, $theirs, null, $as, again: ! $ours->isBegun()) : null;
        if ($first === null && $second === null) {
            throw Refused::because('Nothing is done on either of them yet.', 'piece');
        }
        $second === null || $moves->install($by, $second->load(['madeFor', 'build']), $one);
        $first === null || $moves->install($by, $first->load(['madeFor', 'build']), $other);
        $moves->completeKit($one, $other);
        $this->tools->logbook->write($other, $by, 'plan', $words);

        return new self($this->number, $this->other, $this->piece, $this->standing(), $this->tools);
    }

    public function lapsed(): ?string
    {
        return self::notInTheMaking($this->build()) ?? self::notInTheMaking($this->otherOne()) ?? (
            $this->left !== null && $this->left !== $this->standing() ? 'Somebody has worked on one of the pieces since.' : null
        );
    }

    private function mustFit(Build $from, Thing $thing, Build $to): void
    {
        $fitting = $this->tools->fits->ofBuild($from, $thing, $to);
        if ($thing->isBegun() && ! $fitting->fits()) {
            throw Refused::because(ucfirst($thing->words())." of {$from->number} does not fit {$to->number}: ".implode('; ', $fitting->cannot()).'.', 'piece');
        }
    }

    private function thing(Build $build): Thing
    {
        return $this->tools->routesSoFar->thing($build, $this->piece);
    }

    private function otherOne(): Build
    {
        return Build::query()->with('specification')->where('number', $this->other)->firstOrFail();
    }

    private function otherBuild(): Build
    {
        $other = $this->otherOne();

        return $other->status === BuildStatus::Open ? $other : throw Refused::because("{$other->name()} is not in the making any more.", 'other');
    }

    /** How far both pieces are, by the versions of their operations. */
    private function standing(): string
    {
        $parts = [];
        foreach ([$this->build(), $this->otherOne()] as $build) {
            $keys = array_map(static fn (Step $step): string => $step->key, $this->thing($build)->own());
            $parts[] = (string) Operation::query()->where('build_id', $build->id)->whereIn('key', $keys)->sum('version');
        }

        return implode('/', $parts);
    }
}
