<?php

declare(strict_types=1);

namespace Regimen\Route\Operations;

use Regimen\Instrument\Electrics\PickupKind;
use Regimen\Instrument\Electrics\Shielding;
use Regimen\Instrument\Specification;

/**
 * What is looked at before something is closed for good: gluing a top, finishing, stringing; from what this instrument
 * has. Common practice, no single source (TRADE section 8).
 */
final class ClosingList
{
    /**
     * @param  string  $key  of a step on a route
     * @return list<string> empty where nothing is closed by it
     */
    public static function before(string $key, Specification $s): array
    {
        return match (true) {
            $key === BodyOperation::GlueLayers->value => self::gluingTheTop($s),
            $key === BoxOperation::CloseBack->value, $key === BoxOperation::CloseTop->value => self::closingTheBox($s),
            $key === FinishOperation::Fill->value, $key === FinishOperation::Seal->value, preg_match('/\.coat-1$/', $key) === 1 => self::finishing($s),
            $key === AssemblyOperation::StringUp->value => self::stringing($s),
            default => [],
        };
    }

    /** @return list<string> */
    private static function gluingTheTop(Specification $s): array
    {
        $electric = $s->electrics->pickups !== [];

        return self::those([
            'every cavity has its access' => true,
            'wire paths run from each pickup to the controls, and a pull cord lies in them' => $electric,
            'a path for the bridge’s ground' => self::grounds($s),
            'a path for the battery’s lead' => $s->electrics->battery,
            'nothing lies inside: no tool, no wire, no dust' => true,
            'what must stay solid for joint and bridge is solid' => $s->isRelieved(),
        ]);
    }

    /** @return list<string> */
    private static function closingTheBox(Specification $s): array
    {
        return self::those([
            'every brace was tapped, and none is loose' => true,
            'the label is in, and can be read through the hole' => true,
            'wires for the pickup lie in, and reach the jack' => $s->electrics->pickups !== [],
            'the bridge plate is in its place' => true,
            'linings are notched for the braces’ ends' => true,
            'nothing lies inside: no tool, no clamp, no dust' => true,
        ]);
    }

    /** @return list<string> */
    private static function finishing(Specification $s): array
    {
        return self::those([
            'all holes for hardware are drilled, and everything was dry-fitted' => true,
            'a ground wire’s hole runs from the bridge to the controls' => self::grounds($s),
            'the jack’s hole and its plate fit' => $s->electrics->pickups !== [],
            'the pocket is masked' => true,
            'the board is masked or cleared as its timber wants' => true,
            'scratches are sanded out under raking light' => true,
            'a test piece of the same timber carries the whole finish' => true,
        ]);
    }

    /** @return list<string> */
    private static function stringing(Specification $s): array
    {
        $electric = $s->electrics->pickups !== [];

        return self::those([
            'the bridge’s ground wire is under its bushing or foot, and a meter beeps from string to sleeve' => self::grounds($s),
            'bushings are free of finish, and sit home' => true,
            'all leads are soldered and none is pinched' => $electric,
            'the shielding is joined to ground in every cavity' => $s->electrics->shielding !== Shielding::None,
            'the battery’s lead is on and its compartment shuts' => $s->electrics->battery,
            'tuners are tight and the nut’s slots are clean' => true,
            'the rod turns both ways' => $s->neck->rodLength->mm > 0,
        ]);
    }

    private static function grounds(Specification $s): bool
    {
        return array_filter($s->electrics->pickups, static fn ($pickup): bool => $pickup->kind !== PickupKind::Piezo) !== [];
    }

    /**
     * @param  array<string, bool>  $all
     * @return list<string>
     */
    private static function those(array $all): array
    {
        return array_keys(array_filter($all));
    }
}
