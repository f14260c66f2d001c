<?php

declare(strict_types=1);

namespace App\Queries\Specification;

use App\Models\Build\Build;
use App\Pages\Worked\Change;
use App\Pages\Worked\FileSeen;
use App\Planning\Specification\Revisions;
use App\Support\Say;
use Regimen\Formats\Json\SpecificationFile;
use Regimen\Revision\Comparison;
use Regimen\Revision\RevisedValue;
use Regimen\Units\UnreadableFile;

/** A specification in a file, held against the one that it would replace. */
final class ImportLook
{
    public function of(Build $build, string $json): FileSeen
    {
        try {
            $file = SpecificationFile::read($json);
        } catch (UnreadableFile $wrong) {
            return new FileSeen([], $wrong->getMessage(), '');
        }
        $draft = $build->draft()->first();
        if ($draft === null) {
            return new FileSeen([], 'The specification is released, and a released revision is never edited. Begin a new revision.', '');
        }
        $changes = array_map(
            static fn (RevisedValue $one): Change => new Change(name: $one->name, before: $one->before, after: $one->after),
            Comparison::values(Revisions::read($draft), $file->read),
        );

        return new FileSeen($changes, '', $changes === []
            ? 'The file says the same as this revision.'
            : Say::count(count($changes), 'value').' would be another.');
    }
}
