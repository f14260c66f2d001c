<?php

declare(strict_types=1);

namespace App\Pages\Specification;

use App\Pages\Dict;
use App\Pages\Page;
use App\Pages\Shop\BuildName;
use App\Pages\Worked\FieldGroup;
use App\Pages\Worked\Worked;

final readonly class SpecificationProps extends Page
{
    public const COMPONENT = 'specification/Specification';

    /**
     * @param  list<RevisionName>  $revisions
     * @param  Dict<string|list<array<string, string>>>  $client
     * @param  list<FieldGroup>  $fields
     * @param  list<BenchTable>  $tables
     * @param  list<BenchFile>  $files
     * @param  list<PartToPick>  $parts  of the catalogue
     */
    public function __construct(
        public BuildName $build,
        public RevisionHead $revision,
        public array $revisions,
        public Dict $client,
        public array $fields,
        public Worked $worked,
        public array $tables,
        public array $files,
        public array $parts,
    ) {
    }
}
