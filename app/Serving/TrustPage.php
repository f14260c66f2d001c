<?php

declare(strict_types=1);

namespace App\Serving;

use TCPDF2DBarcode;

/**
 * The one page that is not encrypted: it tells a phone how to trust the shop’s own authority. It shows the code of its own address, so that it
 * can be opened on the shop’s computer and scanned from there, and nothing of the shop.
 */
final readonly class TrustPage
{
    private const STYLE = 'body{max-width:34rem;margin:2rem auto;padding:0 1rem;font:18px/1.5 sans-serif;color:#22201b;background:#f8f5ed}'
        .'h1{font-size:1.7rem;line-height:1.2}a{color:#1f4e79}li{margin:.6rem 0}svg{display:block;width:14rem;height:14rem;margin:1rem 0}'
        .'.quiet{color:#6b6455}@media(prefers-color-scheme:dark){body{color:#eee6d6;background:#1e1c18}a{color:#9cc4ea}.quiet{color:#b9b09c}'
        .'svg{background:#f8f5ed;padding:.6rem}}';

    /** @param  list<string>  $names  of this machine on its network */
    public function __construct(private Reach $reach, private array $names)
    {
    }

    public static function policy(): string
    {
        return "default-src 'none'; style-src 'sha256-".base64_encode(hash('sha256', self::STYLE, true))."'; base-uri 'none'; form-action 'none'; frame-ancestors 'none'";
    }

    public function html(): string
    {
        $own = 'http://'.($this->names[0] ?? 'localhost').":{$this->reach->pagePort}";
        $shop = array_map(fn (string $name): string => $this->reach->address([$name]), $this->names === [] ? ['localhost'] : $this->names);
        $links = implode(' or ', array_map(static fn (string $one): string => '<a href="'.e($one).'">'.e($one).'</a>', $shop));
        $style = self::STYLE;
        $code = self::code($own);
        $address = e($own);

        return <<<HTML
            <!doctype html>
            <html lang="en">
            <head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>Trust this shop</title><style>{$style}</style></head>
            <body>
            <h1>Trust this shop on a phone or tablet</h1>
            <p>The shop has an authority of its own, which vouches for it on this network. A device believes it once it knows it.</p>
            {$code}
            <p class="quiet">Scan the code with the device’s camera, or type {$address} there. Then, on the device:</p>
            <ol>
            <li><a href="/authority.crt">Fetch the shop’s authority</a> (a small file).</li>
            <li>Install it. Where the device asks what it is, it is a <em>CA certificate</em>; you find that in its settings under security, certificates. Where it calls the file a
            <em>profile</em>, install the profile in its settings, and then switch it on under <em>about</em>, <em>certificate trust</em>.</li>
            <li>Open {$links}, and keep it on the home screen.</li>
            </ol>
            <p class="quiet">Install it on devices of the shop only, and only on the shop’s own network: whoever has the authority’s key could pretend to be
            any address to a device that trusts it. The key stays on this computer. Take the authority off a device that leaves the shop.</p>
            </body>
            </html>

            HTML;
    }

    private static function code(string $text): string
    {
        $squares = (new TCPDF2DBarcode($text, 'QRCODE,M'))->getBarcodeArray();
        [$columns, $rows] = [(int) $squares['num_cols'], (int) $squares['num_rows']];
        $path = '';
        foreach ($squares['bcode'] as $y => $row) {
            foreach ($row as $x => $isDark) {
                $path .= (int) $isDark === 1 ? "M{$x} {$y}h1v1h-1z" : '';
            }
        }
        $box = '-4 -4 '.($columns + 8).' '.($rows + 8);

        return "<svg viewBox=\"{$box}\" role=\"img\" aria-label=\"code with the address of this page\" shape-rendering=\"crispEdges\"><path d=\"{$path}\" fill=\"#22201b\"/></svg>";
    }
}
