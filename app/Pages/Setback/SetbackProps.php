<?php

declare(strict_types=1);

namespace App\Pages\Setback;

use App\Pages\Page;
use App\Pages\Shop\Option;

final readonly class SetbackProps extends Page
{
    public const COMPONENT = 'setback/Setback';

    /**
     * @param  list<RemedyLine>  $remedies
     * @param  list<string>  $old  what can be made of the old piece
     * @param  list<Option>  $pieces
     * @param  list<Option>  $causes
     */
    public function __construct(
        public SetbackHead $setback,
        public array $remedies,
        public array $old,
        public ?Again $again,
        public array $pieces,
        public array $causes,
        public string $until,
    ) {
    }
}
