<?php

declare(strict_types=1);

namespace App\Queries\Stores;

use App\Models\Bench\Photograph;
use App\Models\People\Person;
use App\Models\Stores\Board;
use App\Models\Stores\BoardReading;
use App\Pages\Shop\Option;
use App\Pages\Stores\BoardProps;
use App\Pages\Stores\BoardReadingLine;
use App\Pages\Stores\ServedLine;
use App\Planning\House\House;
use App\Planning\Stores\Cutting;
use App\Planning\Stores\CuttingAsked;
use App\Planning\Stores\LotMoisture;
use App\Support\Clock;
use App\Support\Say;
use Regimen\Stores\DefectKind;
use Regimen\Timber\Settling;
use Regimen\Timber\Species;
use Regimen\Units\Words;

/** One board: what it is, where it is flawed, how it settles, and what it could become. */
final readonly class BoardPage
{
    public function __construct(private House $house, private LotMoisture $moisture, private Cutting $cutting, private MarkedBoards $marked, private Clock $clock)
    {
    }

    public function data(Board $board, Person $viewer): BoardProps
    {
        $board->load(['readings.person', 'defects', 'person', 'lot.readings']);
        $table = $board->gone_at === null ? $this->cutting->table(new CuttingAsked([$board->id])) : null;
        $laid = $table === null ? [] : $this->cutting->laid($table, new CuttingAsked([$board->id]));
        $settling = $this->moisture->of($board);
        $ready = $settling === null ? null : BoardsPage::day($settling->readyAt(), $this->house->zone());
        [$serves, $not] = $table === null ? [[], []]
            : Uses::of($board, $table->open, $ready !== null && $ready > $this->clock->today($this->house->zone()) ? $ready : null, $this->moisture->balance());
        $species = Species::named($board->species);

        return new BoardProps(
            id: $board->id, version: $board->version, headline: $this->headline($board, $serves, $settling),
            under: implode(', ', array_filter([
                $board->species, $board->cut->words(), $board->figure, $board->supplier === '' ? '' : "from {$board->supplier}", Say::dayAndYear($board->bought_on),
                $board->place === '' ? '' : "lies at: {$board->place}",
            ])),
            size: BoardWords::size($board).', '.implode(', ', array_filter([Words::number($board->rough()->boardFeet()).' bd ft', BoardWords::density($board)])),
            length: $board->length_tenths / 10, width: $board->width_tenths / 10, colour: $species->colour,
            money: $viewer->isManager() ? $this->house->money($board->cost_minor)->plain() : null, papers: $board->papers, protected: $species->protected, note: $board->note, place: $board->place, figure: $board->figure, origin: $board->origin,
            photographs: array_values(Photograph::query()->where('board_id', $board->id)->orderBy('id')->pluck('id')->all()),
            gone: $board->gone_at === null ? '' : $board->gone_because, settling: $this->settles($settling), because: $this->because($settling, $board),
            defects: MarkedBoards::defects($board),
            serves: $serves, not: $not, layout: $table === null ? null : $this->marked->lines($table, $laid, $viewer)[0] ?? null, without: $table === null ? [] : $table->without($laid),
            readings: array_values($board->readings->reverse()->map(static fn (BoardReading $one): BoardReadingLine => new BoardReadingLine(
                id: $one->id, at: $one->at->toIso8601ZuluString(), by: $one->person->name,
                moisture: $one->moisture_hundredths === null ? '' : Words::number($one->moisture_hundredths / 100).' %', weight: $one->grams === null ? '' : Words::number($one->grams / 1000, 2).' kg',
            ))->all()),
            kinds: array_map(static fn (DefectKind $one): Option => new Option($one->value, $one->words()), DefectKind::cases()),
        );
    }

    /** @param  list<ServedLine>  $serves */
    private function headline(Board $board, array $serves, ?Settling $settling): string
    {
        $ready = $settling === null ? null : BoardsPage::day($settling->readyAt(), $this->house->zone());

        return match (true) {
            $board->gone_at !== null => "Board {$board->id} is not in the shop any more",
            $settling === null => "Board {$board->id} was not read yet",
            $ready > $this->clock->today($this->house->zone()) => "Board {$board->id} settles until ".Say::day((string) $ready),
            $serves === [] => "Board {$board->id} is settled; nothing is waiting for it",
            default => "Board {$board->id} is settled and serves ".(count($serves) === 1 ? 'one need' : count($serves).' needs'),
        };
    }

    private function settles(?Settling $settling): string
    {
        if ($settling === null) {
            return 'Read it with a meter, or weigh it and read it once: then its day is known.';
        }
        $ready = BoardsPage::day($settling->readyAt(), $this->house->zone());

        return $settling->isReadyAtOnce() || $ready <= $this->clock->today($this->house->zone())
            ? 'It is within 1 % of the shop’s balance.' : 'It is within 1 % of the shop’s balance from '.Say::dayAndYear($ready).' on.';
    }

    private function because(?Settling $settling, Board $board): string
    {
        if ($settling === null) {
            return '';
        }
        $tau = Words::number($settling->tau);

        return 'Balance '.Words::number($settling->balance).' % in the air of the last days; '.Words::number($settling->at($this->clock->now()->getTimestamp() / 86_400)).' % by now; m(t) = e + (m₀ − e)·exp(−t/τ), τ '.$tau.' days '.match (true) {
            $settling->isOwn => 'from its own readings'.($settling->spread === null ? ' (two fit exactly, so no spread is known)' : ' ± '.Words::number($settling->spread)),
            $this->moisture->isLearned($board->species, $board->thickness_tenths) => "as {$board->species} of about that thickness has settled here before",
            default => 'as usual; two readings a week apart tell its own',
        }.'.';
    }
}
