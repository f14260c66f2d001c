<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes\Kinds;

use App\Actions\Plan\Changes\AskedField;
use App\Actions\Plan\Changes\AskedFor;
use App\Actions\Plan\Changes\Asking;
use App\Actions\Plan\Changes\Body;
use App\Actions\Plan\Changes\InPlan;
use App\Actions\Plan\Changes\Lapses;
use App\Actions\Plan\Changes\Overtaken;
use App\Actions\Plan\Changes\Tools;
use App\Models\Build\Build;
use App\Models\Build\KitLine;
use App\Models\People\Person;
use App\Support\Refused;
use App\Support\Say;
use Illuminate\Validation\Rule;
use Regimen\Costing\KitState;

/** A part that is on order comes on another day. */
final readonly class ExpectPart implements AskedFor, Lapses
{
    use InPlan;

    /** @param  Overtaken|null  $if  only while it is still as it was left */
    public function __construct(private int $line, private string $expectedOn, private ?Overtaken $if = null)
    {
    }

    public static function kind(): string
    {
        return 'part';
    }

    public static function heading(): string
    {
        return 'a part comes on another day';
    }

    public static function fields(Asking $asking): array
    {
        return [
            AskedField::of('line', 'part', 'required', 'integer', Rule::exists('kit_lines', 'id'))
                ->chosen('Part', $asking->choices->parts(...)),
            AskedField::of('expected_on', 'day', 'required', $asking->day())->asked('Expected on', 'date'),
        ];
    }

    public static function read(Body $body, Tools $tools): self
    {
        return new self($body->whole('line'), $body->text('expected_on'), Overtaken::read($body));
    }

    public function body(): array
    {
        return [
            'kind' => self::kind(), 'line' => $this->line, 'expected_on' => $this->expectedOn,
            ...$this->if === null ? [] : $this->if->body(),
        ];
    }

    public function words(): string
    {
        $line = $this->line();

        return "No. {$line->build->number} {$line->name} expected ".Say::day($this->expectedOn).'.';
    }

    public function make(?Person $by): self
    {
        $line = $this->line();
        if ($line->state !== KitState::Ordered) {
            throw Refused::because("“{$line->name}” is not on order; only what is can come sooner or later.", 'line');
        }
        $before = (string) $line->expected_on;
        $line->update(['expected_on' => $this->expectedOn, 'version' => $line->version + 1]);

        return new self($this->line, $before, new Overtaken($line->expected_on));
    }

    public function lapsed(): ?string
    {
        $line = $this->line();

        return match (true) {
            $line->state !== KitState::Ordered => "“{$line->name}” is not on order any more.",
            $this->if?->by($line->expected_on) === true => "Another day was given for “{$line->name}” since.",
            default => null,
        };
    }

    public function build(): Build
    {
        return $this->line()->build;
    }

    private function line(): KitLine
    {
        return KitLine::query()->with('build')->findOrFail($this->line);
    }
}
