<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\Remote\RemoteWebDriver;

/** What axe-core finds on the page that is open, and the contrasts it leaves undecided, measured where they stand. */
final class Accessibility
{
    /** @return list<string> violations above minor, by any of its rules, and contrast under 4.5 to 1 */
    public static function violations(RemoteWebDriver $driver): array
    {
        $driver->executeScript(
            (string) file_get_contents(dirname(__DIR__, 3).'/node_modules/axe-core/axe.min.js'),
        );
        $found = $driver->executeAsyncScript(<<<'JS'
            const done = arguments[arguments.length - 1];
            const told = (one) => one.id + ': ' + one.nodes.slice(0, 3)
                .map((node) => node.html.slice(0, 160) + ' ' + (node.failureSummary ?? '')).join(' | ');
            const painter = document.createElement('canvas').getContext('2d', { willReadFrequently: true });
            // Red, green, blue and how much of it covers, 0 to 1.
            const paint = (colour) => {
                painter.clearRect(0, 0, 1, 1);
                painter.fillStyle = colour;
                painter.fillRect(0, 0, 1, 1);
                const [r, g, b, a] = painter.getImageData(0, 0, 1, 1).data;
                return [r, g, b, a / 255];
            };
            const over = (top, under) => [0, 1, 2].map((at) => top[at] * top[3] + under[at] * (1 - top[3]));
            // Relative luminance and contrast as WCAG 2.2 defines them.
            const luminance = (colour) => colour.slice(0, 3)
                .map((part) => part / 255)
                .map((part) => (part <= 0.04045 ? part / 12.92 : ((part + 0.055) / 1.055) ** 2.4))
                .reduce((sum, part, at) => sum + part * [0.2126, 0.7152, 0.0722][at], 0);
            const ground = (one) => {
                one.scrollIntoView({ block: 'center', inline: 'center' });
                const range = document.createRange();
                range.selectNodeContents(one);
                const box = range.getBoundingClientRect();
                const piled = document.elementsFromPoint(box.left + box.width / 2, box.top + box.height / 2);
                const under = piled.slice(piled.indexOf(one)).map((each) => {
                    const style = getComputedStyle(each);
                    const isDrawn = each instanceof SVGGeometryElement;
                    const colour = isDrawn ? (style.fill === 'none' ? 'transparent' : style.fill) : style.backgroundColor;
                    const painted = paint(colour.startsWith('url') ? 'transparent' : colour);
                    painted[3] *= isDrawn ? style.fillOpacity : 1;
                    return painted;
                });
                return under.reduceRight((below, each) => over(each, below), [255, 255, 255]);
            };
            const contrast = (one) => {
                const style = getComputedStyle(one);
                const behind = ground(one);
                const ink = over(paint(one instanceof SVGElement ? style.fill : style.color), behind);
                const [lighter, darker] = [luminance(ink), luminance(behind)].sort((a, b) => b - a);
                return (lighter + 0.05) / (darker + 0.05);
            };
            const low = (node) => {
                const one = document.querySelector(node.target[0]);
                const ratio = one && one.checkVisibility({ visibilityProperty: true }) ? contrast(one) : 21;
                return ratio < 4.5 ? [`contrast ${ratio.toFixed(2)}: ${node.html.slice(0, 160)}`] : [];
            };
            axe.run(document, { resultTypes: ['violations', 'incomplete'] })
                .then((result) => done([
                    ...result.violations.filter((one) => one.impact !== 'minor').map(told),
                    ...result.incomplete.filter((one) => one.id === 'color-contrast').flatMap((one) => one.nodes.flatMap(low)),
                ]))
                .catch((error) => done(['axe failed: ' + error]));
            JS);

        return array_values((array) $found);
    }
}
