<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Recording;
use App\Models\Bench\Instruction;
use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Support\Clock;
use App\Support\Picture;
use App\Support\Refused;
use Illuminate\Http\UploadedFile;

/** How this house does an operation, in a version of its own; the ones before stay. */
final readonly class WriteInstruction
{
    public function __construct(private Recording $recording, private Photographs $photographs, private Clock $clock)
    {
    }

    /** @param  int  $seen  the version that the page showed; 0 for none */
    public function __invoke(Person $by, Operation $operation, string $text, int $seen, ?UploadedFile $file): Instruction
    {
        $picture = $file === null ? null : Picture::of($file, 'photograph');

        return $this->recording->keep(function () use ($by, $operation, $text, $seen, $picture): Instruction {
            $latest = (int) Instruction::query()->where('operation_key', $operation->key)->max('version');
            if ($latest !== $seen) {
                throw Refused::because('Somebody else has changed meanwhile how this is done. Look at it; what you wrote is still in the field.', 'text');
            }
            $instruction = Instruction::query()->create([
                'operation_key' => $operation->key, 'version' => $latest + 1, 'text' => $text, 'person_id' => $by->id, 'at' => $this->clock->now(),
            ]);
            $picture === null || $this->photographs->keep($by, $operation, $picture, '', $latest + 1);
            $this->recording->log($operation->build, $by, 'note', "How the house does “{$operation->name}”, version ".($latest + 1).': '.mb_strimwidth($text, 0, 160, '…'));

            return $instruction;
        });
    }
}
