<?php

declare(strict_types=1);

namespace App\Http\Requests\Setback;

use App\Actions\Setback\Told;
use App\Http\Requests\House\ShopRequest;
use App\Models\Build\Operation;
use App\Rules\Moment;
use App\Support\Picture;
use Carbon\CarbonImmutable;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Rule;
use Regimen\Setback\Cause;
use Regimen\Setback\Mishap;
use Regimen\Setback\PieceKind;

/** Something is wrong: which piece, what happened, when, a photograph. Nothing but own words, or what happened, has to be said. */
final class TellRequest extends ShopRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $moment = new Moment($this->clock(), $this->house()->zone());

        return [
            'text' => ['nullable', 'string', 'max:1000', 'required_without:mishap'],
            'mishap' => ['nullable', Rule::enum(Mishap::class)],
            'piece' => ['nullable', Rule::enum(PieceKind::class)],
            'cause' => ['nullable', Rule::enum(Cause::class)],
            'operation' => ['nullable', 'integer', Rule::exists('operations', 'id')],
            'at' => ['nullable', $moment],
            'fret' => ['nullable', 'integer', 'between:1,36'],
            'field' => ['nullable', 'string', 'max:60'],
            'value' => ['nullable', 'string', 'max:60'],
            'resource' => ['nullable', 'integer', Rule::exists('resources', 'id')],
            'until' => ['nullable', $moment],
            'photograph' => ['nullable', 'file', 'max:'.Picture::MOST_KILOBYTES],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['text.required_without' => 'Write in a few words what is wrong, or choose what happened.'];
    }

    public function told(): Told
    {
        return new Told(
            Mishap::tryFrom($this->string('mishap')->toString()) ?? Mishap::Other, PieceKind::tryFrom($this->string('piece')->toString()),
            trim($this->string('text')->toString()), Cause::tryFrom($this->string('cause')->toString()), $this->moment('at'),
            $this->filled('fret') ? $this->integer('fret') : null, trim($this->string('field')->toString()), trim($this->string('value')->toString()),
            $this->filled('resource') ? $this->integer('resource') : null, $this->moment('until'),
        );
    }

    /** The operation at which it happened, where one was chosen. */
    public function operation(): ?Operation
    {
        return $this->filled('operation') ? Operation::query()->with('build.specification')->find($this->integer('operation')) : null;
    }

    public function picture(): ?Picture
    {
        $file = $this->file('photograph');

        return $file instanceof UploadedFile ? Picture::of($file, 'photograph') : null;
    }

    private function moment(string $field): ?CarbonImmutable
    {
        return $this->filled($field) ? CarbonImmutable::parse($this->string($field)->toString(), $this->house()->zone())->utc() : null;
    }
}
