<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\Remote\RemoteWebDriver;

/** How large the page shows what is read and what is pressed. */
final class Sizes
{
    /** @return list<string> texts under 12 px, with everything opened */
    public static function smallTexts(RemoteWebDriver $driver): array
    {
        return self::listed($driver, <<<'JS'
            const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
            for (let node = walker.nextNode(); node; node = walker.nextNode()) {
                const holder = node.parentElement;
                if (node.textContent.trim() === '' || holder.closest('option, title, style, script') || !isSeen(holder)) {
                    continue;
                }
                const drawn = holder instanceof SVGGraphicsElement ? holder.getScreenCTM().d : 1;
                const size = parseFloat(getComputedStyle(holder).fontSize) * drawn;
                if (size < 11.99) {
                    found.add(`“${node.textContent.trim().slice(0, 30)}” is ${size.toFixed(1)} px high`);
                }
            }
            JS);
    }

    /**
     * What a finger would miss: under 44 px high or wide. A link within a sentence is as high as its line, and what is
     * drawn in time is also in the list beside it (WCAG 2.5.5, inline and equivalent).
     *
     * @return list<string>
     */
    public static function smallTargets(RemoteWebDriver $driver): array
    {
        return self::listed($driver, <<<'JS'
            const isInline = (one) => getComputedStyle(one).display === 'inline'
                && [...one.parentElement.childNodes].some((node) => node.nodeType === 3 && node.textContent.trim().length > 2);
            const pressed = 'a[href], button, summary, select, textarea, input:not([type=hidden]), [role=button]';
            for (const one of document.querySelectorAll(pressed)) {
                if (!isSeen(one) || isInline(one) || one.closest('svg, .skip')) {
                    continue;
                }
                const box = (/checkbox|radio|file/.test(one.type) ? one.closest('label') ?? one : one).getBoundingClientRect();
                if (box.width > 1 && (box.height < 43.5 || box.width < 43.5)) {
                    const words = one.getAttribute('aria-label') ?? (one.textContent.trim() || one.name || one.id);
                    const size = `${Math.round(box.width)} × ${Math.round(box.height)}`;
                    found.add(`${one.tagName.toLowerCase()} “${words.slice(0, 40)}” is ${size} px`);
                }
            }
            JS);
    }

    /** @return list<string> texts that end before they are told: cut off by the box that holds them */
    public static function cutTexts(RemoteWebDriver $driver): array
    {
        return self::listed($driver, <<<'JS'
            for (const one of document.querySelectorAll('body *:not(svg *, .sr-only)')) {
                const holds = [...one.childNodes].some((node) => node.nodeType === 3 && node.textContent.trim() !== '');
                const cuts = /hidden|clip/.test(getComputedStyle(one).overflowX);
                if (holds && cuts && isSeen(one) && one.scrollWidth > one.clientWidth + 1) {
                    found.add(`“${one.textContent.trim().slice(0, 40)}” is cut off`);
                }
            }
            JS);
    }

    /** @return list<string> the first six of what a script finds */
    private static function listed(RemoteWebDriver $driver, string $script): array
    {
        return $driver->executeScript(<<<JS
            document.querySelectorAll('details').forEach((one) => (one.open = true));
            const isSeen = (one) => one.checkVisibility({ visibilityProperty: true, opacityProperty: true });
            const found = new Set();
            {$script}
            return [...found].slice(0, 6);
            JS);
    }
}
