<?php

declare(strict_types=1);

namespace App\Pages\Parts;

use App\Pages\Page;

final readonly class LabelsProps extends Page
{
    public const COMPONENT = 'stores/Labels';

    /**
     * @param  list<LabelLine>  $labels
     * @param  string  $printer  the name of the label printer
     */
    public function __construct(public array $labels, public string $printer)
    {
    }
}
