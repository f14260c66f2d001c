<?php

declare(strict_types=1);

namespace App\Queries\Account;

use App\Models\Account\SignIn;
use App\Models\House\Shop;
use App\Models\People\Person;
use App\Pages\Account\AccountProps;
use App\Pages\Account\SignInLine;
use App\Support\LastSeen;
use Regimen\SignIn\TimeCode;

/** Somebody's own sign-in: password, devices, second factor. */
final readonly class AccountPage
{
    public function __construct(private LastSeen $lastSeen)
    {
    }

    /**
     * @param  int  $current  the sign-in that asks
     * @param  list<string>  $codes  recovery codes, right after they were made
     */
    public function data(Person $viewer, int $current, array $codes): AccountProps
    {
        $shop = Shop::current();
        $secret = $viewer->code_secret === null ? TimeCode::secret() : '';
        [$square, $size] = $secret === '' ? ['', 0] : self::square(TimeCode::address($secret, $shop->name, (string) $viewer->email));
        /** @var list<string> $left */
        $left = json_decode((string) ($viewer->recovery_codes ?? '[]'), true, 2, JSON_THROW_ON_ERROR);
        $signIns = SignIn::query()->where('person_id', $viewer->id)->whereNull('ended_at')->orderByDesc('id')->limit(50)->get();

        return new AccountProps(
            email: (string) $viewer->email,
            signIns: array_values($signIns->map(fn (SignIn $one): SignInLine => new SignInLine(
                id: $one->id, device: $one->device, place: $one->place, began: $one->began_at->toIso8601ZuluString(),
                seen: ($this->lastSeen->at((string) $one->id) ?? $one->began_at)->toIso8601ZuluString(),
                isThis: $one->id === $current,
            ))->all()),
            hasSecond: $viewer->code_secret !== null,
            codesLeft: count($left),
            codes: $codes,
            secret: $secret,
            square: $square,
            squareSize: $size,
            shopNeedsIt: (bool) $shop->needs_second_factor,
            hasBenchCode: $viewer->bench_code !== null,
        );
    }

    /** @return array{string, int} a square code as a path in units of its modules, and how many there are on a side */
    private static function square(string $text): array
    {
        $code = (new \TCPDF2DBarcode($text, 'QRCODE,M'))->getBarcodeArray();
        $path = '';
        foreach ($code['bcode'] as $y => $row) {
            foreach ($row as $x => $isDark) {
                $path .= (int) $isDark === 1 ? "M{$x} {$y}h1v1h-1z" : '';
            }
        }

        return [$path, (int) $code['num_cols']];
    }
}
