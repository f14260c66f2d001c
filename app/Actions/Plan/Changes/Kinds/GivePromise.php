<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes\Kinds;

use App\Actions\Plan\Changes\AskedField;
use App\Actions\Plan\Changes\AskedFor;
use App\Actions\Plan\Changes\Asking;
use App\Actions\Plan\Changes\Body;
use App\Actions\Plan\Changes\Choices;
use App\Actions\Plan\Changes\Lapses;
use App\Actions\Plan\Changes\OfBuild;
use App\Actions\Plan\Changes\Overtaken;
use App\Actions\Plan\Changes\Tools;
use App\Models\People\Person;
use App\Support\Say;
use Illuminate\Validation\Rule;
use Regimen\Schedule\Problem\Promise;

/** A promise is given, moved or made firmer; or taken back where there was none before. */
final readonly class GivePromise implements AskedFor, Lapses
{
    use OfBuild;

    /**
     * @param  Promise|null  $firmness  as it was where it is not said
     * @param  Overtaken|null  $if  only while it is still as it was left
     */
    public function __construct(
        private int $number,
        private ?string $promisedOn,
        private ?Promise $firmness = null,
        private string $because = '',
        private ?Overtaken $if = null,
    ) {
    }

    public static function kind(): string
    {
        return 'promise';
    }

    public static function heading(): string
    {
        return 'a promise is moved';
    }

    public static function fields(Asking $asking): array
    {
        return [
            $asking->build(),
            $asking->promise()->asked('Promise date', 'date'),
            AskedField::of('promise_kind', 'kind of promise', 'nullable', Rule::enum(Promise::class))
                ->chosen('How firmly', Choices::promises(...)),
            $asking->words('because', 'reason')->asked('Why'),
        ];
    }

    public static function read(Body $body, Tools $tools): self
    {
        return new self(
            $body->whole('build'), $body->maybe('promised_on'), Promise::tryFrom($body->text('promise_kind')),
            $body->text('because'), Overtaken::read($body),
        );
    }

    public function body(): array
    {
        return [
            'kind' => self::kind(), 'build' => $this->number, 'promised_on' => $this->promisedOn,
            'promise_kind' => $this->firmness?->value, 'because' => $this->because,
            ...$this->if === null ? [] : $this->if->body(),
        ];
    }

    public function words(): string
    {
        $build = $this->build();
        $day = $this->promisedOn;
        $firmness = $day === null || $this->firmness === null || $this->firmness === $build->promise_kind
            ? ''
            : ", {$this->firmness->value} instead of {$build->promise_kind->value}";

        return "No. {$build->number}: ".match (true) {
            $day === null => 'no promise',
            $build->promised_on === null || $build->promised_on === $day => 'promised for '.Say::day($day),
            default => 'promise moved from '.Say::day($build->promised_on).' to '.Say::day($day),
        }.$firmness.($this->because === '' ? '.' : ": {$this->because}");
    }

    public function make(?Person $by): self
    {
        $build = $this->buildInTheMaking();
        [$day, $firmness] = [$build->promised_on, $build->promise_kind];
        $build->update([
            'promised_on' => $this->promisedOn, 'promise_kind' => $this->firmness ?? $firmness,
            'version' => $build->version + 1,
        ]);

        return new self($this->number, $day, $firmness, if: new Overtaken($build->promised_on));
    }

    public function lapsed(): ?string
    {
        $build = $this->build();

        return self::notInTheMaking($build) ?? (
            $this->if?->by($build->promised_on) === true ? "The promise of {$build->name()} was moved since." : null
        );
    }

    public function entry(): string
    {
        return 'promise';
    }
}
