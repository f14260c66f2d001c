<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes;

use App\Models\Build\Build;
use App\Support\Say;
use Regimen\Schedule\Problem\Promise;

/** A promise is given, moved or made firmer; or taken back where there was none before. */
final readonly class GivePromise implements Change
{
    public function __construct(private Body $body)
    {
    }

    public function words(): string
    {
        $build = $this->build();
        $day = $this->body->maybe('promised_on');
        $because = $this->body->text('because');
        $kind = $this->kind();

        return "No. {$build->number}: ".(
            $day === null ? 'no promise' : (
                $kind === Promise::Promised ? 'promised for ' : "{$kind->value} date "
            ).Say::day($day)
        )
            .(
                $build->promised_on !== null && $build->promised_on !== $day
                    ? ' instead of '.Say::day($build->promised_on)
                    : ''
            ).($because === '' ? '.' : ": {$because}");
    }

    public function make(): array
    {
        $build = $this->build();
        $before = [
            'kind' => 'promise', 'build' => $build->number, 'promised_on' => $build->promised_on,
            'promise_kind' => $build->promise_kind->value,
        ];
        $build->update(
            [
                'promised_on' => $this->body->maybe('promised_on'), 'promise_kind' => $this->kind(),
                'version' => $build->version + 1,
            ],
        );

        return $before;
    }

    public function build(): Build
    {
        return Build::query()->where('number', $this->body->whole('build'))->firstOrFail();
    }

    private function kind(): Promise
    {
        return Promise::tryFrom($this->body->text('promise_kind')) ?? Promise::Promised;
    }
}
