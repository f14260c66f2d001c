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
use App\Models\Build\BuildStatus;
use App\Models\Build\KitLine;
use App\Models\Build\Measurement;
use App\Models\Parts\PartOrderLine;
use App\Models\People\Person;
use App\Support\Refused;
use Illuminate\Validation\Rule;
use Regimen\Costing\KitState;

/** Two builds exchange a part: the one that is there goes where it is needed first, and the one that is still to come goes to the other. */
final readonly class SwapParts implements AskedFor, Lapses
{
    use InPlan;

    /** @param  Overtaken|null  $if  only while both are as they were left */
    private function __construct(private int $line, private int $other, private ?Overtaken $if, private Tools $tools)
    {
    }

    public static function kind(): string
    {
        return 'swap-parts';
    }

    public static function heading(): string
    {
        return 'two builds exchange a part';
    }

    public static function fields(Asking $asking): array
    {
        return [
            AskedField::of('line', 'part', 'required', 'integer', Rule::exists('kit_lines', 'id'))->chosen('Part that is late', $asking->choices->parts(...)),
            AskedField::of('other', 'part that is there', 'required', 'integer', Rule::exists('kit_lines', 'id'))->chosen('Part that is there', $asking->choices->partsThere(...)),
        ];
    }

    public static function read(Body $body, Tools $tools): self
    {
        return new self($body->whole('line'), $body->whole('other'), Overtaken::read($body), $tools);
    }

    public function body(): array
    {
        return ['kind' => self::kind(), 'line' => $this->line, 'other' => $this->other, ...$this->if === null ? [] : $this->if->body()];
    }

    public function words(): string
    {
        [$ours, $theirs] = $this->lines();

        return "The {$theirs->name} of {$theirs->build->number} goes into {$ours->build->number}, and {$theirs->build->number} waits for the one that is to come.";
    }

    public function make(?Person $by): self
    {
        [$ours, $theirs] = $this->lines();
        $words = $this->words();
        $this->mustFit($ours, $theirs);
        [$one, $other] = [$ours->only(['build_id', 'name', 'surplus']), $theirs->only(['build_id', 'name', 'surplus'])];
        $ours->update([...$other, 'version' => $ours->version + 1]);
        $theirs->update([...$one, 'version' => $theirs->version + 1]);
        foreach ([$ours, $theirs] as $line) {
            PartOrderLine::query()->where('kit_line_id', $line->id)->update(['build_id' => $line->build_id]);
            Measurement::query()->where('kit_line_id', $line->id)->update(['build_id' => $line->build_id]);
        }
        $this->tools->logbook->write($theirs->refresh()->build, $by, 'kit', $words);
        $this->tools->logbook->write($ours->refresh()->build, $by, 'kit', $words);

        return new self($this->line, $this->other, new Overtaken($this->standing()), $this->tools);
    }

    public function lapsed(): ?string
    {
        [$ours, $theirs] = $this->lines();

        return match (true) {
            $ours->build->status !== BuildStatus::Open || $theirs->build->status !== BuildStatus::Open => 'One of the builds is not in the making any more.',
            $this->if?->by($this->standing()) === true => 'Something was done with one of the parts since.',
            default => null,
        };
    }

    private function mustFit(KitLine $ours, KitLine $theirs): void
    {
        $there = array_values(array_filter([$ours, $theirs], static fn (KitLine $one): bool => $one->state === KitState::Arrived));
        if (count($there) !== 1 && $this->if === null) {
            throw Refused::because('One of the two has to be in the shop and the other still to come; else there is nothing to exchange.', 'other');
        }
        if ($ours->build_id === $theirs->build_id) {
            throw Refused::because('Both are in the kit of the same build.', 'other');
        }
        if ($ours->group !== $theirs->group || $ours->unit !== $theirs->unit || $ours->quantity !== $theirs->quantity) {
            throw Refused::because("“{$theirs->name}” of {$theirs->build->number} is not the same kind and amount as “{$ours->name}” of {$ours->build->number}.", 'other');
        }
        foreach ([$ours, $theirs] as $line) {
            if ($line->used > 0 || $line->written_off > 0 || $line->piece_id !== null || $line->build->status !== BuildStatus::Open) {
                throw Refused::because("“{$line->name}” of {$line->build->number} is used already, or its build is not in the making.", 'other');
            }
        }
    }

    /** As both are left. */
    private function standing(): string
    {
        return implode('/', array_map(static fn (KitLine $one): string => (string) $one->version, $this->lines()));
    }

    public function build(): Build
    {
        return $this->lines()[0]->build;
    }

    /** @return array{KitLine, KitLine} */
    private function lines(): array
    {
        return [KitLine::query()->with('build')->findOrFail($this->line), KitLine::query()->with('build')->findOrFail($this->other)];
    }
}
