<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Recording;
use App\Models\Bench\BenchPress;
use App\Models\People\Person;
use App\Planning\House\House;
use App\Support\Clock;
use App\Support\Say;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/**
 * What was pressed without a network comes in order, each as of its own time, and once however often it is sent. What
 * has been overtaken meanwhile is told; nothing is overwritten, and the others are done all the same.
 */
final readonly class SendPresses
{
    /** What was pressed longer ago is told to be typed in by hand. */
    private const DAYS = 14;

    /** Seconds by which a tablet's clock may be ahead. */
    private const AHEAD = 300;

    public function __construct(private Recording $recording, private House $house, private Clock $clock)
    {
    }

    /**
     * @param  list<Press>  $presses  in the order in which they were pressed
     * @return list<PressResult>
     */
    public function __invoke(Person $by, array $presses): array
    {
        return $this->recording->keep(fn (): array => array_map(fn (Press $press): PressResult => $this->one($by, $press), $presses));
    }

    private function one(Person $by, Press $press): PressResult
    {
        $known = BenchPress::query()->find($press->uuid);
        if ($known !== null) {
            return new PressResult($press->uuid, $known->done, (string) $known->words);
        }
        try {
            $this->mustBeOfNow($press->at);
            $words = DB::transaction(fn (): string => $this->asOf($press->at, static fn (): string => app(DoPress::class)($by, $press)));
            $done = true;
        } catch (ValidationException $refused) {
            $words = (string) (collect($refused->errors())->flatten()->first() ?? $refused->getMessage());
            $done = false;
        }
        BenchPress::query()->create([
            'uuid' => $press->uuid, 'person_id' => $by->id, 'kind' => $press->kind->value, 'pressed_at' => $press->at, 'at' => $this->clock->now(),
            'done' => $done, 'words' => $words,
        ]);
        $done || $this->recording->log(
            null, $by, 'note', "Pressed without a network, {$press->kind->value}, ".Say::moment($press->at, $this->house->zone()).", and not done: {$words}",
        );

        return new PressResult($press->uuid, $done, $words);
    }

    private function mustBeOfNow(CarbonImmutable $at): void
    {
        $now = $this->clock->now();
        if ($at > $now->addSeconds(self::AHEAD) || $at < $now->subDays(self::DAYS)) {
            throw ValidationException::withMessages(['at' => 'It is dated '.Say::moment($at, $this->house->zone()).', which cannot be. Write it in by hand.']);
        }
    }

    /**
     * @template T
     *
     * @param  callable(): T  $work
     * @return T what is done with the clock as it stood then; the plan afterwards is made by the real one
     */
    private function asOf(CarbonImmutable $at, callable $work): mixed
    {
        app()->instance(Clock::class, Clock::from($at->min($this->clock->now())->toIso8601String()));
        try {
            return $work();
        } finally {
            app()->instance(Clock::class, $this->clock);
        }
    }
}
