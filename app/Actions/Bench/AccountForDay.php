<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Recording;
use App\Actions\Work\EnterHours;
use App\Models\Bench\AccountedDay;
use App\Models\Bench\AwayReason;
use App\Models\Bench\Interruption;
use App\Models\Build\Build;
use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Planning\House\Unaccounted;
use App\Support\Clock;
use App\Support\Refused;
use App\Support\Say;
use Regimen\Route\OperationState;
use Regimen\Units\DayLine;
use Regimen\Units\Duration;
use Regimen\Units\InvalidQuantity;

/** What is missing of a day, in one line: hours on instruments, and what belongs to the day. All of it or nothing. */
final readonly class AccountForDay
{
    public function __construct(
        private Recording $recording, private EnterHours $enterHours, private Unaccounted $unaccounted, private Clock $clock,
    ) {
    }

    /** @param  string  $line  empty where it is left open */
    public function __invoke(Person $by, string $day, string $line): void
    {
        $this->recording->keep(function () use ($by, $day, $line): void {
            $missing = $this->unaccounted->minutes($by, $day);
            $answered = AccountedDay::query()->where('person_id', $by->id)->where('day', $day)->exists();
            Refused::ifThere($answered, 'This day was answered already. Nothing was changed.', 'line');
            foreach ($line === '' ? [] : $this->parts($line, $missing) as [$minutes, $words]) {
                $this->part($by, $day, $minutes, $words);
            }
            AccountedDay::query()->create(['person_id' => $by->id, 'day' => $day, 'line' => $line, 'at' => $this->clock->now()]);
        });
    }

    /** @return list<array{int, string}> */
    private function parts(string $line, int $missing): array
    {
        try {
            $read = DayLine::read($line);
        } catch (InvalidQuantity $wrong) {
            throw Refused::because($wrong->getMessage(), 'line');
        }
        $said = array_sum(array_map(static fn (array $one): int => $one[0] === null ? 0 : $one[0]->minutes, $read));
        if ($said > $missing) {
            throw Refused::because(Say::duration($said).' are more than the '.Say::duration($missing).' that are missing.', 'line');
        }

        return array_map(static fn (array $one): array => [$one[0]->minutes ?? $missing - $said, $one[1]], $read);
    }

    private function part(Person $by, string $day, int $minutes, string $words): void
    {
        if ($minutes === 0) {
            throw Refused::because("Nothing is left for “{$words}”.", 'line');
        }
        if (preg_match('/^(?:no\.?\s*)?(\d{1,9})\b\s*(.*)$/iu', $words, $found) === 1) {
            ($this->enterHours)($by, $this->operation($by, (int) $found[1], $found[2]), $by, $day, Duration::ofMinutes($minutes), true);

            return;
        }
        Interruption::query()->create([
            'person_id' => $by->id, 'day' => $day, 'minutes' => $minutes, 'reason' => AwayReason::meant($words), 'note' => mb_substr($words, 0, 200),
        ]);
    }

    private function operation(Person $by, int $number, string $words): Operation
    {
        $build = Build::query()->open()->where('number', $number)->first();
        if ($build === null) {
            throw Refused::because("No. {$number} is not in the making.", 'line');
        }
        $begun = $build->operations()->with('build')->where('state', OperationState::Started->value)->get();
        $found = $words === ''
            ? $begun->sortByDesc(static fn (Operation $one): bool => $one->person_id === $by->id)
            : $begun->concat($build->operations()->with('build')->where('state', OperationState::Open->value)->get())
                ->filter(static fn (Operation $one): bool => str_contains(mb_strtolower($one->name), mb_strtolower($words)));

        return $found->first() ?? throw Refused::because(
            $words === '' ? "Nothing of No. {$number} is under way. Name the operation, as in “1 h {$number} carve”." : "No. {$number} has no operation “{$words}” that could be worked on.", 'line',
        );
    }
}
