<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Recording;
use App\Models\Bench\Photograph;
use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Support\Clock;
use App\Support\Jpeg;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;

/** A photograph taken at the bench: it stands in the logbook of its build. */
final readonly class Photographs
{
    public function __construct(private Recording $recording, private Clock $clock)
    {
    }

    public function take(Person $by, Operation $operation, UploadedFile $file, string $caption): Photograph
    {
        $jpeg = Jpeg::of($file, 'photograph');

        return $this->recording->keep(function () use ($by, $operation, $jpeg, $caption): Photograph {
            $photograph = $this->keep($by, $operation, $jpeg, $caption, null);
            $this->recording->log($operation->build, $by, 'photograph', "Photograph {$photograph->id} at {$operation->name}".($caption === '' ? '.' : ": {$caption}"));

            return $photograph;
        });
    }

    /** Inside of another action. */
    public function keep(Person $by, Operation $operation, Jpeg $jpeg, string $caption, ?int $instruction): Photograph
    {
        $photograph = Photograph::query()->create([
            'build_id' => $instruction === null ? $operation->build_id : null, 'operation_id' => $instruction === null ? $operation->id : null,
            'operation_key' => $operation->key, 'instruction_version' => $instruction, 'caption' => $caption,
            'width' => $jpeg->width, 'height' => $jpeg->height, 'person_id' => $by->id, 'at' => $this->clock->now(),
        ]);
        DB::table('photograph_bytes')->insert(['photograph_id' => $photograph->id, 'jpeg' => base64_encode($jpeg->bytes)]);

        return $photograph;
    }
}
