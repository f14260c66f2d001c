<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use App\Actions\Plan\Changes\ChangeRows;
use App\Models\People\AwayKind;
use App\Planning\House\House;
use App\Rules\Day;
use App\Rules\Typed;
use App\Support\Clock;
use Illuminate\Validation\Rule;
use Regimen\Route\Standards\Skill;
use Regimen\Schedule\Problem\Promise;

/** What each kind of change has to say. */
final readonly class ChangeRules
{
    private const TIME = 'date_format:Y-m-d\TH:i';

    public function __construct(private House $house, private Clock $clock)
    {
    }

    /**
     * @param  string  $at  where the change stands, with a dot behind
     * @return array<string, list<mixed>> by field
     */
    public function of(string $kind, string $at): array
    {
        $person = ['required', 'integer', Rule::exists('people', 'id')->where('active', true)];
        $build = ['required', 'integer', Rule::exists('builds', 'number')->where('status', 'open')];
        $operation = ['nullable', 'integer', Rule::exists('operations', 'id')];
        $resource = ['required', 'integer', Rule::exists('resources', 'id')];
        $words = ['nullable', 'string', 'max:120'];
        $now = $this->clock->now()->setTimezone($this->house->zone())->format('Y-m-d\TH:i');

        return match ($kind) {
            'pin' => [
                'operation' => ['required', ...array_slice($operation, 1)],
                'person' => ['nullable', ...array_slice($person, 1)], 'day' => ['nullable', $this->day()],
                'after' => $operation,
            ],
            'away' => [
                'person' => $person, 'from' => ['required', $this->day()],
                'to' => ['nullable', $this->day(), "after_or_equal:{$at}from", $this->within()],
                'part' => ['nullable', Typed::hours(), 'not_regex:/,|and/'],
                'what' => ['nullable', Rule::enum(AwayKind::class)], 'every' => ['nullable', Rule::in(['day', 'week'])],
                'note' => $words,
            ],
            'longer' => [
                'person' => $person,
                'from' => ['required', $this->day()],
                'to' => ['required', $this->day(), "after_or_equal:{$at}from", $this->within()],
                'minutes' => ['required', 'integer', 'min:15', 'max:240'],
                'note' => $words,
            ],
            'down' => [
                'resource' => $resource, 'from' => ['required', self::TIME],
                'to' => ['required', self::TIME, "after:{$at}from", "after:{$now}"], 'note' => $words,
            ],
            'part' => [
                'line' => ['required', 'integer', Rule::exists('kit_lines', 'id')],
                'expected_on' => ['required', $this->day()],
            ],
            'promise' => [
                'build' => $build, 'promised_on' => ['nullable', $this->day()],
                'promise_kind' => ['nullable', Rule::enum(Promise::class)], 'because' => $words,
            ],
            'hold' => ['build' => $build, 'until' => ['nullable', $this->day()], 'because' => $words],
            'push' => ['build' => $build, 'days' => ['required', 'integer', 'between:-90,90']],
            'more' => ['resource' => $resource, 'by' => ['required', 'integer', 'between:-5,5', 'not_in:0']],
            'skill' => [
                'person' => $person, 'skill' => ['required', Rule::enum(Skill::class)], 'left' => ['nullable', 'in:1'],
            ],
            'build' => [
                'title' => ['required', 'string', 'max:60'],
                'model' => ['required', 'integer', Rule::exists('house_models', 'id')],
                'promised_on' => ['nullable', $this->day()],
            ],
            'method' => [
                'build' => $build, 'question' => ['required', 'string', 'max:60'],
                'answer' => ['required', 'string', 'max:60'],
            ],
            'rows' => [
                'table' => ['required', Rule::in(ChangeRows::TABLES)],
                'remove' => ['required', 'array', 'list', 'max:400'], 'remove.*' => ['integer'],
                'add' => ['prohibited'],
            ],
            default => [],
        };
    }

    private function day(): Day
    {
        return Day::fromToday($this->clock, $this->house->zone(), 'That day is past; plans are made from today on.');
    }

    /** Nobody fixes more than two years ahead. */
    private function within(): string
    {
        return 'before:'.$this->clock->now()->addYears(2)->toDateString();
    }
}
