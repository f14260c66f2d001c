<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Clients\KeepEnquiry;
use App\Actions\Recording;
use App\Models\Bench\Photograph;
use App\Models\Build\Operation;
use App\Models\Client\Enquiry;
use App\Models\Jigs\Template;
use App\Models\People\Person;
use App\Models\Setback\Setback;
use App\Models\Stores\Board;
use App\Support\Clock;
use App\Support\PhotographFiles;
use App\Support\Picture;
use App\Support\Refused;
use Illuminate\Http\UploadedFile;

/** Photographs: taken at the bench, at a gate or of what went wrong; they stand in the logbook of their build. */
final readonly class Photographs
{
    public function __construct(private Recording $recording, private PhotographFiles $files, private Clock $clock)
    {
    }

    public function take(Person $by, Operation $operation, UploadedFile $file, string $caption, bool $atGate = false, ?Setback $setback = null): Photograph
    {
        $picture = Picture::of($file, 'photograph');

        return $this->recording->keep(function () use ($by, $operation, $picture, $caption, $atGate, $setback): Photograph {
            if ($setback !== null && $setback->build_id !== $operation->build_id) {
                throw Refused::because('That setback belongs to another instrument.', 'photograph');
            }
            $photograph = $this->keep($by, $operation, $picture, $caption, null, $atGate, $setback);
            $this->recording->log($operation->build, $by, 'photograph', "Photograph {$photograph->id} at {$operation->name}".($caption === '' ? '.' : ": {$caption}"));

            return $photograph;
        });
    }

    /** Of a board, as it lies in the rack or wet on the bench. */
    public function ofBoard(Person $by, Board $board, UploadedFile $file, string $caption): Photograph
    {
        $picture = Picture::of($file, 'photograph');

        return $this->recording->keep(function () use ($by, $board, $picture, $caption): Photograph {
            $photograph = Photograph::query()->create([
                'board_id' => $board->id, 'operation_key' => '', 'caption' => $caption, 'width' => $picture->width, 'height' => $picture->height, 'person_id' => $by->id,
                'at' => $this->clock->now(), 'sha256' => $this->files->keep($picture->large, $picture->small), 'bytes' => strlen($picture->large),
            ]);
            $this->recording->log(null, $by, 'timber', "Photograph {$photograph->id} of {$board->name()}".($caption === '' ? '.' : ": {$caption}"));

            return $photograph;
        });
    }

    /** Of a template, as it lies. */
    public function ofTemplate(Person $by, Template $template, UploadedFile $file, string $caption): Photograph
    {
        $picture = Picture::of($file, 'photograph');

        return $this->recording->keep(function () use ($by, $template, $picture, $caption): Photograph {
            $photograph = Photograph::query()->create([
                'template_id' => $template->id, 'operation_key' => '', 'caption' => $caption, 'width' => $picture->width, 'height' => $picture->height, 'person_id' => $by->id,
                'at' => $this->clock->now(), 'sha256' => $this->files->keep($picture->large, $picture->small), 'bytes' => strlen($picture->large),
            ]);
            $this->recording->log(null, $by, 'template', "Photograph {$photograph->id} of {$template->title()}.");

            return $photograph;
        });
    }

    /** That came with an enquiry. */
    public function ofEnquiry(Person $by, Enquiry $enquiry, UploadedFile $file, string $caption): Photograph
    {
        $picture = Picture::of($file, 'photograph');

        return $this->recording->keep(function () use ($by, $enquiry, $picture, $caption): Photograph {
            KeepEnquiry::mustBeOpen($enquiry);
            $photograph = Photograph::query()->create([
                'enquiry_id' => $enquiry->id, 'operation_key' => '', 'caption' => $caption, 'width' => $picture->width, 'height' => $picture->height, 'person_id' => $by->id,
                'at' => $this->clock->now(), 'sha256' => $this->files->keep($picture->large, $picture->small), 'bytes' => strlen($picture->large),
            ]);
            $this->recording->log(null, $by, 'client', "Picture {$photograph->id} came with the enquiry of {$enquiry->client->name}.");

            return $photograph;
        });
    }

    /** Inside of another action. */
    public function keep(
        Person $by, Operation $operation, Picture $picture, string $caption, ?int $instruction, bool $atGate = false, ?Setback $setback = null,
    ): Photograph {
        return Photograph::query()->create([
            'build_id' => $instruction === null ? $operation->build_id : null, 'operation_id' => $instruction === null ? $operation->id : null,
            'operation_key' => $operation->key, 'instruction_version' => $instruction, 'caption' => $caption,
            'width' => $picture->width, 'height' => $picture->height, 'person_id' => $by->id, 'at' => $this->clock->now(),
            'sha256' => $this->files->keep($picture->large, $picture->small), 'bytes' => strlen($picture->large),
            'at_gate' => $atGate, 'setback_id' => $setback?->id,
        ]);
    }

    /** Whether the client is to see it. */
    public function forClient(Person $by, Photograph $photograph, int $version, bool $isForClient): void
    {
        $this->recording->keep(function () use ($by, $photograph, $version, $isForClient): void {
            Refused::ifStale($photograph->version, $version, "Photograph {$photograph->id}");
            if ($photograph->build === null) {
                throw Refused::because('That photograph belongs to how the house works, not to an instrument.');
            }
            $photograph->update(['for_client' => $isForClient, 'version' => $photograph->version + 1]);
            $this->recording->log($photograph->build, $by, 'photograph', "Photograph {$photograph->id} is ".($isForClient ? 'chosen for the client.' : 'no longer for the client.'));
        });
    }
}
