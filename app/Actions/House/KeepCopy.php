<?php

declare(strict_types=1);

namespace App\Actions\House;

use App\Actions\Recording;
use App\Backups\Copies;
use App\Backups\UnusableCopy;
use App\Models\House\CopyMade;
use App\Models\People\Person;
use App\Support\Audit;
use App\Support\Clock;

/** Makes a copy of the shop in its folder and records how it went. */
final readonly class KeepCopy
{
    public function __construct(private Recording $recording, private Copies $copies, private Clock $clock, private Audit $audit)
    {
    }

    /** @return string|null why there is no copy; null when there is */
    public function __invoke(?Person $by): ?string
    {
        try {
            $copy = $this->copies->make();
            $made = ['good' => true, 'bytes' => $copy->bytes, 'words' => basename($copy->file)];
        } catch (UnusableCopy $failed) {
            $made = ['good' => false, 'bytes' => 0, 'words' => mb_substr($failed->getMessage(), 0, 250)];
        }
        $this->recording->keep(function () use ($by, $made): void {
            CopyMade::query()->create(['at' => $this->clock->now(), ...$made]);
            $this->audit->write('copy', $made['good'] ? "A copy of the shop was kept: {$made['words']}." : "No copy was kept: {$made['words']}", $by);
            $this->recording->log(
                null, $by, 'copy', $made['good'] ? "A copy of the shop was kept: {$made['words']}." : "No copy was kept: {$made['words']}",
            );
        });

        return $made['good'] ? null : $made['words'];
    }
}
