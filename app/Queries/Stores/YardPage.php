<?php

declare(strict_types=1);

namespace App\Queries\Stores;

use App\Models\Build\Build;
use App\Pages\Stores\YardLine;
use App\Pages\Stores\YardProps;
use App\Pages\Stores\YardTimber;
use App\Planning\Stores\LotMoisture;
use App\Planning\Stores\OpenNeeds;
use App\Planning\Stores\Rack;
use Regimen\Stores\Blank;
use Regimen\Stores\ToBuy;
use Regimen\Timber\Species;
use Regimen\Units\Length;
use Regimen\Units\Words;

/** The list for the timber yard: every need that no board in the shop serves. */
final readonly class YardPage
{
    /** A rule at a yard reads sixteenths of an inch. */
    private const SIXTEENTHS = 16;

    public function __construct(private OpenNeeds $needs, private LotMoisture $moisture)
    {
    }

    public function data(): YardProps
    {
        $missing = [];
        $needs = $this->needs->all();
        $serving = Rack::serving($needs, 1);
        foreach ($needs as $number => [$build, $blank]) {
            if ($serving[$number] === [] && ! $blank->kind->isSmall()) {
                $missing[$blank->timber->name][] = [$build, $blank, ToBuy::of($blank)];
            }
        }
        ksort($missing);
        $count = array_sum(array_map(count(...), $missing));

        return new YardProps(
            headline: $count === 0 ? 'Nothing is missing from the yard' : ($count === 1 ? 'One need has' : "{$count} needs have").' no timber yet',
            moisture: 'Take the meter along: in the air of this shop timber comes to '.Words::number($this->moisture->balance()).' %; wetter stock settles for weeks before it is cut.',
            timbers: array_map(self::timber(...), array_keys($missing), $missing),
        );
    }

    /** @param  list<array{Build, Blank, ToBuy}>  $needs */
    private static function timber(string $name, array $needs): YardTimber
    {
        return new YardTimber(
            name: $name, feet: Words::number(array_sum(array_map(static fn (array $one): float => $one[2]->boardFeet(), $needs))).' bd ft',
            protected: Species::named($name)->protected, standIns: $needs[0][2]->standIns,
            lines: array_map(static fn (array $one): YardLine => new YardLine(
                build: $one[0]->number, title: $one[0]->title, what: $one[1]->kind->value, pieces: $one[2]->pieces,
                metric: self::size($one[2], static fn (Length $side): string => Words::number($side->mm, 0)).' mm',
                inches: self::size($one[2], static fn (Length $side): string => self::sixteenths($side)),
                cut: $one[1]->cut->words(), lookFor: ToBuy::lookFor($one[1]->kind),
            ), $needs),
        );
    }

    /** @param  callable(Length): string  $say */
    private static function size(ToBuy $one, callable $say): string
    {
        return implode(' × ', array_map($say, [$one->length, $one->width, $one->thickness]));
    }

    /** Never less than is needed; a fraction stays on its line. */
    private static function sixteenths(Length $side): string
    {
        return str_replace(' ', "\u{a0}", Length::ofInches(ceil($side->inches() * self::SIXTEENTHS - 1e-9) / self::SIXTEENTHS)->inFraction(self::SIXTEENTHS));
    }
}
