<?php

declare(strict_types=1);

namespace App\Http\Requests\Bench;

use App\Actions\Bench\Press;
use App\Actions\Bench\PressKind;
use App\Http\Requests\House\ShopRequest;
use App\Support\Picture;
use Carbon\CarbonImmutable;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Rule;

/** What was pressed without a network, in order; photographs beside it by what they belong to. */
final class PressesRequest extends ShopRequest
{
    public const MOST = 200;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return self::ofPresses();
    }

    /** @return array<string, mixed> */
    public static function ofPresses(): array
    {
        return [
            'presses' => ['required', 'array', 'list', 'min:1', 'max:'.self::MOST],
            'presses.*' => ['array'],
            'presses.*.uuid' => ['required', 'uuid'],
            'presses.*.kind' => ['required', Rule::enum(PressKind::class)],
            'presses.*.at' => ['required', 'string', 'date', 'max:40'],
            'presses.*.operation' => ['nullable', 'integer', 'min:1', 'max:999999999'],
            'presses.*.said' => ['nullable', 'array', 'max:12'],
            'presses.*.said.*' => ['nullable', 'string', 'max:1000'],
            'photographs' => ['nullable', 'array', 'max:40'],
            'photographs.*' => ['file', 'max:'.Picture::MOST_KILOBYTES],
        ];
    }

    /**
     * @param  array<mixed>  $presses  as they were validated
     * @param  array<mixed>  $photographs
     * @return list<Press>
     */
    public static function read(array $presses, array $photographs): array
    {
        $read = [];
        foreach ($presses as $one) {
            $one = is_array($one) ? $one : [];
            $uuid = (string) ($one['uuid'] ?? '');
            $file = $photographs[$uuid] ?? null;
            $read[] = new Press(
                strtolower($uuid), PressKind::from((string) ($one['kind'] ?? '')), CarbonImmutable::parse((string) ($one['at'] ?? 'now'))->utc(),
                isset($one['operation']) ? (int) $one['operation'] : null,
                array_map(static fn (mixed $said): string => is_scalar($said) ? (string) $said : '', is_array($one['said'] ?? null) ? $one['said'] : []),
                $file instanceof UploadedFile ? $file : null,
            );
        }

        return $read;
    }
}
