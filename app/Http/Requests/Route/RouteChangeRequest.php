<?php

declare(strict_types=1);

namespace App\Http\Requests\Route;

use App\Http\Requests\ManagerRequest;
use App\Models\Build\Build;
use App\Models\Build\RouteChange;
use App\Models\House\Resource;
use App\Rules\Typed;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Http\Exceptions\HttpResponseException;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use Regimen\Route\Standards\Piece;
use Regimen\Route\Standards\Skill;
use Regimen\Route\Standards\Stage;
use Regimen\Units\Duration;

/** A change to a build's route, as it is typed. */
final class RouteChangeRequest extends ManagerRequest
{
    private const TOO_LONG = 'More than 240 hours for one operation is a mistake. Write hours, for example 1:30.';

    /** @return array<string, mixed> */
    public function rules(): array
    {
        $kind = $this->string('kind')->toString();
        $adds = $kind === 'add';
        $times = $adds || $kind === 'times';

        return [
            'version' => ['nullable', 'integer'],
            'reason' => ['nullable', 'string', 'max:500'],
            'kind' => ['required', Rule::in(['add', 'drop', 'split', 'times', 'link', 'unlink', 'move'])],
            'key' => [
                Rule::requiredIf(in_array($kind, ['drop', 'split', 'times', 'move'], true)),
                'nullable',
                'string',
                'max:80',
            ],
            'target' => [Rule::requiredIf($kind === 'move'), 'nullable', 'string', 'max:80'],
            'before' => [Rule::requiredIf(in_array($kind, ['link', 'unlink'], true)), 'nullable'],
            'after' => [Rule::requiredIf(in_array($kind, ['link', 'unlink'], true)), 'nullable'],
            'link_reason' => ['nullable', 'string', 'max:200'],
            'first' => $kind === 'split' ? ['required', Typed::duration(14_400, self::TOO_LONG, false)] : ['nullable'],
            'name' => [Rule::requiredIf($adds), 'nullable', 'string', 'max:60'],
            'stage' => $adds ? ['required', new Enum(Stage::class)] : ['nullable'],
            'skill' => $adds ? ['required', new Enum(Skill::class)] : ['nullable'],
            'pieces' => ['nullable', 'array'],
            'pieces.*' => [new Enum(Piece::class)],
            'station' => ['nullable', Rule::in(['', ...$this->owned('station')])],
            'fixture' => ['nullable', Rule::in(['', ...$this->owned('fixture')])],
            'set_up' => $times ? [
                'nullable',
                Typed::duration(14_400, 'A set-up of more than 240 hours is a mistake. Write hours, for example 0:20.'),
            ] : ['nullable'],
            'labour' => $times ? [
                Rule::requiredIf($adds), 'nullable', Typed::duration(14_400, self::TOO_LONG),
            ] : ['nullable'],
            'hold' => $times ? [
                'nullable',
                Typed::duration(259_200, 'A hold of more than 180 days is a mistake. Write for example 24 h or 3 d.'),
            ] : ['nullable'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'station.in' => 'The shop has no such station. Choose one of its own, or none.',
            'fixture.in' => 'The shop has no such fixture. Choose one of its own, or none.',
            'target.required' => 'Say before which operation it is to come.',
            'before.required' => 'Say which operation comes first.',
            'after.required' => 'Say which operation comes after it.',
            'name.required' => 'Give the operation a name.',
        ];
    }

    /** While a change is only thought of, what is wrong with it is part of the answer. */
    protected function failedValidation(Validator $validator): void
    {
        if ($this->is('builds/*/route/try')) {
            throw new HttpResponseException(
                response()->json(
                    [
                        'problem' => $validator->errors()->first(), 'words' => '', 'broken' => [],
                        'needsReason' => false, 'follows' => [],
                    ],
                ),
            );
        }
        parent::failedValidation($validator);
    }

    /** @return array<string, mixed> as the core reads it */
    public function change(Build $build): array
    {
        $text = fn (string $key): string => trim($this->string($key)->toString());

        return match ($text('kind')) {
            'add' => [
                'kind' => 'add', 'key' => 'own.'.(RouteChange::query()->where('build_id', $build->id)->count() + 1),
                'name' => $text('name'), 'stage' => $text('stage'),
                'pieces' => array_values(array_filter((array) $this->input('pieces'), is_string(...))),
                'set_up' => $this->minutes('set_up') ?? 0, 'labour' => $this->minutes('labour') ?? 0,
                'hold' => $this->minutes('hold') ?? 0,
                'skill' => $text('skill'), 'station' => $text('station'), 'fixture' => $text('fixture'),
                'after' => $this->listed('after'), 'before' => $this->listed('before'),
            ],
            'split' => ['kind' => 'split', 'key' => $text('key'), 'first' => $this->minutes('first') ?? 0],
            'times' => [
                'kind' => 'times', 'key' => $text('key'), 'set_up' => $this->minutes('set_up'),
                'labour' => $this->minutes('labour'), 'hold' => $this->minutes('hold'),
            ],
            'move' => ['kind' => 'move', 'key' => $text('key'), 'target' => $text('target')],
            'link' => [
                'kind' => 'link', 'before' => $text('before'), 'after' => $text('after'),
                'reason' => $text('link_reason'),
            ],
            'unlink' => ['kind' => 'unlink', 'before' => $text('before'), 'after' => $text('after')],
            default => ['kind' => 'drop', 'key' => $text('key')],
        };
    }

    private function minutes(string $field): ?int
    {
        $typed = trim($this->string($field)->toString());

        return $typed === '' ? null : Duration::parse($typed)->minutes;
    }

    /** @return list<string> */
    private function listed(string $field): array
    {
        return array_values(
            array_filter((array) $this->input($field), static fn (mixed $key): bool => is_string($key) && $key !== ''),
        );
    }

    /** @return list<string> */
    private function owned(string $kind): array
    {
        return array_values(Resource::query()->where('kind', $kind)->where('capacity', '>', 0)->pluck('key')->all());
    }
}
