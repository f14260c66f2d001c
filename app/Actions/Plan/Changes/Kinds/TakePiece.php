<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes\Kinds;

use App\Actions\Plan\Changes\AskedField;
use App\Actions\Plan\Changes\AskedFor;
use App\Actions\Plan\Changes\Asking;
use App\Actions\Plan\Changes\Body;
use App\Actions\Plan\Changes\InPlan;
use App\Actions\Plan\Changes\OfBuild;
use App\Actions\Plan\Changes\Tools;
use App\Models\People\Person;
use App\Models\Setback\MadePiece;
use App\Support\Refused;
use Illuminate\Validation\Rule;

/** A piece from stock goes into a build that has none of its kind yet. */
final readonly class TakePiece implements AskedFor
{
    use InPlan, OfBuild;

    private function __construct(private int $number, private int $piece, private Tools $tools)
    {
    }

    public static function kind(): string
    {
        return 'piece';
    }

    public static function heading(): string
    {
        return 'a piece from stock goes into a build';
    }

    public static function fields(Asking $asking): array
    {
        return [
            AskedField::of('piece', 'piece', 'required', 'integer', Rule::exists('pieces', 'id'))->chosen('Piece', $asking->choices->pieces(...)),
            $asking->build(),
        ];
    }

    public static function read(Body $body, Tools $tools): self
    {
        return new self($body->whole('build'), $body->whole('piece'), $tools);
    }

    public function body(): array
    {
        return ['kind' => self::kind(), 'build' => $this->number, 'piece' => $this->piece];
    }

    public function words(): string
    {
        return "{$this->piece()->name()}, goes into {$this->number}.";
    }

    public function make(?Person $by): null
    {
        $build = $this->buildInTheMaking();
        $piece = $this->piece();
        $fitting = $this->tools->fits->ofStock($piece, $build);
        if (! $fitting->fits()) {
            throw Refused::because("{$piece->name()}, does not fit {$build->number}: ".implode('; ', $fitting->cannot()).'.', 'piece');
        }
        $this->tools->moves->install($by, $piece, $build);
        $this->tools->moves->completeKit($build);

        return null;
    }

    private function piece(): MadePiece
    {
        return MadePiece::query()->with(['madeFor', 'revision', 'build'])->findOrFail($this->piece);
    }
}
