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
use App\Actions\Plan\Changes\Overtaken;
use App\Actions\Plan\Changes\Tools;
use App\Models\People\Person;
use App\Support\Say;

/** Nothing new is begun on a build until a day; or again from now on. */
final readonly class PutOnHold implements AskedFor, Lapses
{
    use InPlan, OfBuild;

    /** @param  Overtaken|null  $if  only while it is still as it was left */
    public function __construct(
        private int $number,
        private ?string $until,
        private string $because = '',
        private ?Overtaken $if = null,
    ) {
    }

    public static function kind(): string
    {
        return 'hold';
    }

    public static function heading(): string
    {
        return 'a build is put on hold';
    }

    public static function fields(Asking $asking): array
    {
        return [
            $asking->build(),
            AskedField::of('until', 'day', 'nullable', $asking->day())->asked('Until', 'date', 'empty: not on hold'),
            $asking->words('because', 'reason')->asked('Why'),
        ];
    }

    public static function read(Body $body, Tools $tools): self
    {
        return new self(
            $body->whole('build'), $body->maybe('until'), $body->text('because'), Overtaken::read($body),
        );
    }

    public function body(): array
    {
        return [
            'kind' => self::kind(), 'build' => $this->number, 'until' => $this->until, 'because' => $this->because,
            ...$this->if === null ? [] : $this->if->body(),
        ];
    }

    public function words(): string
    {
        $because = $this->because === '' ? '.' : ": {$this->because}.";

        return "No. {$this->build()->number} ".(
            $this->until === null ? 'goes on.' : 'on hold until '.Say::day($this->until).$because
        );
    }

    public function make(?Person $by): self
    {
        $build = $this->buildInTheMaking();
        [$until, $because] = [$build->held_until, $build->held_because];
        $build->update(
            ['held_until' => $this->until, 'held_because' => $this->until === null ? '' : $this->because],
        );

        return new self($this->number, $until, $because, new Overtaken($build->held_until));
    }

    public function lapsed(): ?string
    {
        $build = $this->build();

        return self::notInTheMaking($build) ?? (
            $this->if?->by($build->held_until) === true
                ? "{$build->name()} was put on hold or taken up again since."
                : null
        );
    }
}
