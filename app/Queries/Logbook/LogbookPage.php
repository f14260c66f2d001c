<?php

declare(strict_types=1);

namespace App\Queries\Logbook;

use App\Models\Build\Build;
use App\Models\Build\LogEntry;
use App\Models\People\Person;
use App\Pages\Logbook\LogbookAsked;
use App\Pages\Logbook\LogbookDay;
use App\Pages\Logbook\LogbookLine;
use App\Pages\Logbook\LogbookProps;
use App\Pages\Shop\Option;
use App\Planning\House\House;
use App\Support\ClientNames;
use App\Support\Say;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** The whole shop’s logbook: by day, by person, by kind, by build, and searched in words. */
final readonly class LogbookPage
{
    public const AT_ONCE = 100;

    public const PRINTED = 1_000;

    private const MOST_WORDS = 12;

    public function __construct(private House $house, private ClientNames $names)
    {
    }

    /** @param  int|null  $before  only entries before this one: what came earlier than those that are shown */
    public function data(LogbookAsked $asked, ?int $before): LogbookProps
    {
        $entries = $this->entries($asked, $before, self::AT_ONCE + 1);
        $isMore = $entries->count() > self::AT_ONCE;
        $entries = $entries->take(self::AT_ONCE);
        $options = static fn (iterable $names): array => array_values(collect($names)->map(static fn (mixed $words, mixed $value): Option => new Option((string) $value, (string) $words))->all());

        return new LogbookProps(
            headline: $entries->isEmpty() ? 'No entry says that' : ($isMore || $before !== null ? 'The logbook' : Say::count($entries->count(), 'entry', 'entries')),
            days: $this->days($entries),
            asked: $asked,
            people: $options(Person::query()->orderBy('id')->pluck('name', 'id')),
            kinds: $options(self::kinds()),
            builds: $options(Build::query()->orderByDesc('number')->limit(200)->get()->mapWithKeys(static fn (Build $one): array => [$one->number => $one->name()])),
            earlier: $isMore ? $entries->last()?->id : null,
        );
    }

    /**
     * One step in the index for each kind, however many entries there are.
     *
     * @return array<string, string>
     */
    private static function kinds(): array
    {
        $kinds = array_column(DB::select(
            'WITH RECURSIVE k(kind) AS (SELECT min(kind) FROM log_entries UNION ALL SELECT (SELECT min(kind) FROM log_entries WHERE kind > k.kind) FROM k WHERE k.kind IS NOT NULL) '
            .'SELECT kind FROM k WHERE kind IS NOT NULL',
        ), 'kind');

        return array_combine($kinds, array_map(static fn (string $kind): string => str_replace('-', ' ', $kind), $kinds));
    }

    /** @return Collection<int, LogEntry> the latest first */
    public function entries(LogbookAsked $asked, ?int $before, int $most): Collection
    {
        $query = LogEntry::query()->with(['person:id,name'])->leftJoin('builds', 'builds.id', '=', 'log_entries.build_id')
            ->select(['log_entries.*', 'builds.number'])->orderByDesc('log_entries.at')->orderByDesc('log_entries.id')->limit($most);
        $before === null || $this->before($query, $before);
        $asked->person === '' || $query->where('log_entries.person_id', (int) $asked->person);
        $asked->kind === '' || $query->where('log_entries.kind', $asked->kind);
        $asked->build === '' || $query->where('builds.number', (int) $asked->build);
        $asked->day === '' || $this->onDay($query, $asked->day);
        $words = $this->sought($asked->words);
        $words === '' || $query->whereRaw('log_entries.id IN (SELECT rowid FROM log_search WHERE log_search MATCH ?)', [$words]);

        return $query->get()->toBase();
    }

    /** Clients stand by number: a word that their name begins with finds them. */
    private function sought(string $typed): string
    {
        $each = array_filter(explode(' ', self::words($typed)));

        return implode(' AND ', array_map(function (string $word): string {
            $either = [$word];
            foreach (mb_strlen($word) < 6 ? [] : $this->names->beginning(trim($word, '"*')) as $number) {
                array_push($either, "\"client {$number}\"", "\"surname {$number}\"");
            }

            return '('.implode(' OR ', $either).')';
        }, $each));
    }

    /**
     * Each word as it is, whatever it means to the search; the last letters may be missing.
     */
    public static function words(string $typed): string
    {
        preg_match_all('/[\p{L}\p{N}]+/u', $typed, $found);

        return implode(' ', array_map(static fn (string $word): string => "\"{$word}\"*", array_slice($found[0], 0, self::MOST_WORDS)));
    }

    /**
     * What was sent later than it was pressed stands at its time.
     *
     * @param  Builder<LogEntry>  $query
     */
    private function before(Builder $query, int $id): void
    {
        $at = (string) LogEntry::query()->whereKey($id)->toBase()->value('at');
        $query->where(static fn (Builder $either) => $either->where('log_entries.at', '<', $at)
            ->orWhere(static fn (Builder $same) => $same->where('log_entries.at', $at)->where('log_entries.id', '<', $id)));
    }

    /** @param  Builder<LogEntry>  $query */
    private function onDay(Builder $query, string $day): void
    {
        $from = CarbonImmutable::parse($day, $this->house->zone());
        $query->where('log_entries.at', '>=', $from->utc()->toDateTimeString())->where('log_entries.at', '<', $from->addDay()->utc()->toDateTimeString());
    }

    /**
     * @param  Collection<int, LogEntry>  $entries
     * @return list<LogbookDay>
     */
    public function days(Collection $entries): array
    {
        $corrections = LogEntry::query()->whereIn('corrects_id', $entries->pluck('id'))->orderBy('id')->get()->groupBy('corrects_id');
        $days = [];
        foreach ($entries->groupBy(fn (LogEntry $one): string => $one->at->setTimezone($this->house->zone())->toDateString()) as $day => $ofDay) {
            $days[] = new LogbookDay((string) $day, array_values($ofDay->map(static fn (LogEntry $one): LogbookLine => new LogbookLine(
                id: $one->id, at: $one->at->toIso8601ZuluString(), by: $one->person?->name, build: $one->getAttribute('number'), kind: str_replace('-', ' ', $one->kind), text: $one->text,
                photograph: self::photograph($one), corrected: array_values(($corrections->get($one->id) ?? collect())->map(static fn (LogEntry $later): string => $later->text)->all()),
                corrects: $one->corrects_id,
            ))->all()));
        }

        return $days;
    }

    public static function photograph(LogEntry $entry): ?int
    {
        return $entry->kind === 'photograph' && preg_match('/^Photograph (\d+) at /', $entry->text, $found) === 1 ? (int) $found[1] : null;
    }
}
