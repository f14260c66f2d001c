<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Recording;
use App\Models\Bench\BenchNote;
use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Support\Clock;

/** A note at an operation. */
final readonly class WriteNote
{
    public function __construct(private Recording $recording, private Clock $clock)
    {
    }

    public function __invoke(Person $by, Operation $operation, string $text): BenchNote
    {
        return $this->recording->keep(function () use ($by, $operation, $text): BenchNote {
            $note = BenchNote::query()->create([
                'operation_id' => $operation->id, 'operation_key' => $operation->key, 'kind' => 'note', 'text' => $text,
                'person_id' => $by->id, 'at' => $this->clock->now(),
            ]);
            $this->recording->log($operation->build, $by, 'note', "{$operation->name}: {$text}");

            return $note;
        });
    }
}
