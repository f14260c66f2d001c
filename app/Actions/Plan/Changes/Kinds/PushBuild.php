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
use App\Models\People\Person;
use App\Support\Say;

/** A build is planned as if it were due so many days sooner, or later. */
final readonly class PushBuild implements AskedFor, Lapses
{
    use InPlan, OfBuild;

    /** @param  int  $days  below zero: later */
    public function __construct(private int $number, private int $days)
    {
    }

    public static function kind(): string
    {
        return 'push';
    }

    public static function heading(): string
    {
        return 'a build is given priority';
    }

    public static function fields(Asking $asking): array
    {
        return [
            $asking->build(),
            AskedField::of('days', 'days', 'required', 'integer', 'between:-90,90')
                ->asked('By days', hint: 'negative: later', value: '7'),
        ];
    }

    public static function read(Body $body, Tools $tools): self
    {
        return new self($body->whole('build'), $body->whole('days'));
    }

    public function body(): array
    {
        return ['kind' => self::kind(), 'build' => $this->number, 'days' => $this->days];
    }

    public function words(): string
    {
        return "No. {$this->build()->number} ".(
            $this->days === 0
                ? 'without special priority again.'
                : ($this->days > 0 ? 'given priority as if due ' : 'put back as if due ').Say::count(abs($this->days), 'day')
                    .($this->days > 0 ? ' sooner.' : ' later.')
        );
    }

    public function make(?Person $by): self
    {
        $build = $this->buildInTheMaking();
        $back = new self($this->number, $build->push_days);
        $build->update(['push_days' => $this->days]);

        return $back;
    }

    public function lapsed(): ?string
    {
        return self::notInTheMaking($this->build());
    }
}
