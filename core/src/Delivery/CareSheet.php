<?php

declare(strict_types=1);

namespace Regimen\Delivery;

use Regimen\Instrument\Finish\BoardFinish;
use Regimen\Instrument\Finish\FinishSystem;
use Regimen\Instrument\Finish\NeckFinish;
use Regimen\Instrument\Neck\NeckJoint;
use Regimen\Instrument\Specification;
use Regimen\Timber\Species;

/**
 * How an instrument of this timber and finish is looked after. Common practice, no single source; the data sheet of what it was
 * finished with comes first.
 */
final class CareSheet
{
    /** @return array<string, list<string>> sentences, by heading */
    public static function for(Specification $s): array
    {
        return [
            'Air' => self::air($s),
            'Finish' => self::finish($s),
            'Fretboard' => self::board($s),
            'Strings and neck' => self::neck($s),
            'On the way' => [
                'Loosen the strings by a whole tone before it travels, and let the case come to the room’s warmth before it is opened.',
                ...self::protectedTimber($s),
            ],
        ];
    }

    /** @return list<string> */
    private static function air(Specification $s): array
    {
        return [
            'Keep it at 40 to 55 % humidity and away from heaters, sun and cold floors.',
            $s->isHollow()
                ? 'A hollow body moves with the air: below 35 % for days it can crack along the grain. In the heating season keep a humidifier in the case.'
                : 'In very dry air the fret ends begin to be felt: that is the board shrinking, and it is mended by more damp, then by a file.',
        ];
    }

    /** @return list<string> */
    private static function finish(Specification $s): array
    {
        $kept = match ($s->finishing->finish) {
            FinishSystem::WipingOil => 'Wiped oil soaks in and wears with use: once a year wipe on a thin coat of the same oil, wipe it off after ten minutes, let it dry for a day.',
            FinishSystem::HardWaxOil => 'Hard-wax oil is wiped with a dry cloth; where it has worn dull, a little of the same is rubbed on thinly and polished after an hour.',
            FinishSystem::BrushedVarnish => 'Varnish is wiped with a soft, slightly damp cloth and dried at once. No silicone, no furniture polish.',
            FinishSystem::WaterBorne => 'Water-borne lacquer is wiped with a soft, slightly damp cloth. Alcohol and hand cleaner make it dull.',
            FinishSystem::Nitrocellulose => 'Nitrocellulose is wiped with a soft cloth. It goes soft where rubber, foam or vinyl lies on it: wrap stands and hangers in cotton. It yellows and checks with age and cold; that belongs to it.',
            FinishSystem::TwoPart => 'Two-part lacquer is wiped with a soft, slightly damp cloth. It is hard and takes polish, and chips rather than dents.',
            FinishSystem::Shellac => 'Shellac is wiped with a dry cloth. Alcohol and sweat dissolve it; where it has gone dull it is padded again by whoever made it.',
        };

        return [
            $kept,
            ...$s->finishing->finish === FinishSystem::WipingOil || $s->finishing->finish === FinishSystem::HardWaxOil || $s->finishing->neckFinish === NeckFinish::Oil
                ? ['Cloths with drying oil heat up by themselves: spread them flat to dry outside, or keep them under water in a closed tin.'] : [],
            ...$s->finishing->neckFinish === NeckFinish::Bare ? ['The back of the neck is bare: wipe it dry after playing.'] : [],
        ];
    }

    /** @return list<string> */
    private static function board(Specification $s): array
    {
        return match (true) {
            $s->boardIsLacquered() => ['The fretboard is lacquered: wipe it with a damp cloth, never oil it.'],
            $s->finishing->boardFinish === BoardFinish::Oiled, $s->board->boardTimber->oily => [
                'The '.$s->board->boardTimber->name.' fretboard is open: once or twice a year rub in a few drops of mineral or lemon oil, and wipe it dry.',
            ],
            default => ['The fretboard is bare '.$s->board->boardTimber->name.': brush it clean and wipe it dry. Oil would darken it.'],
        };
    }

    /** @return list<string> */
    private static function neck(Specification $s): array
    {
        return [
            'Change strings one after the other, so that the neck keeps its tension; new ones of the same gauge need no other set-up.',
            $s->neck->rodLength->mm > 0
                ? 'The truss rod is adjusted at the '.$s->neck->rodAccess->words().', a quarter of a turn at a time. If it does not give, leave it to the workshop.'
                : 'The neck has no truss rod: keep to the gauges it was strung with.',
            ...$s->joinery->joint === NeckJoint::BoltOn ? ['The screws of the neck are tightened by hand only; they bear no force beyond that.'] : [],
        ];
    }

    /** @return list<string> */
    private static function protectedTimber(Specification $s): array
    {
        $names = array_map(static fn (Species $one): string => $one->name, array_filter($s->timbers(), static fn (Species $one): bool => $one->protected));
        $names = $s->hasShell() ? [...$names, 'shell'] : $names;

        return $names === [] ? [] : [
            'It has '.implode(' and ', $names).' in it, which is protected in places: before it crosses a border ask the authority which papers it needs.',
        ];
    }
}
