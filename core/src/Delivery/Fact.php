<?php

declare(strict_types=1);

namespace Regimen\Delivery;

/** One line of what is told of a finished instrument, and how it is known. */
final readonly class Fact
{
    public const MEASURED = 'measured';

    public const DRAWN = 'as drawn';

    public const COMPUTED = 'worked out';

    public const RECORDED = 'recorded';

    /**
     * @param  string  $known  one of the above: a figure that nobody has measured is never told as if somebody had
     * @param  string  $field  of the specification, where it is one
     */
    public function __construct(public string $what, public string $value, public string $known, public string $field = '')
    {
    }
}
