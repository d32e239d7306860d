<?php

declare(strict_types=1);

namespace Rinkel\Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\Group;

final class LessonTest extends BrowserCase
{
    /**
     * From a step on the Board to its lesson and back to the same place; there by keys, by tap and playing by itself.
     */
    #[Group('slow')]
    public function testFromAStepToItsLessonAndBack(): void
    {
        $this->newPiece();
        $this->find('#piece-menu > summary')->click();
        $this->driver->executeScript('document.querySelector("form[action$=\'/board\']").requestSubmit()');
        $this->until('return location.pathname.startsWith("/boards/")');
        // On to the first knots.
        $this->until('return document.querySelector("#all") !== null');
        for ($i = 0; $i < 12 && !$this->find('#how')->isDisplayed(); ++$i) {
            $this->find('#all')->click();
        }
        $place = $this->text('#say');
        $board = (string) parse_url($this->driver->getCurrentURL(), \PHP_URL_PATH);
        $this->until('return document.querySelector("#board-state [data-word=kept]").hidden === false');
        $this->find('#how')->click();
        $this->until('return location.pathname.startsWith("/knots/")');
        $this->untilShown('#lesson-text');
        // It plays by itself where nobody asked for a frame; a key takes over.
        $this->until('return document.querySelector("#lesson-play").getAttribute("aria-pressed") === "true"');
        $this->find('#lesson-zoom')->click();
        self::assertSame('true', $this->find('#lesson-zoom')->getAttribute('aria-pressed'));
        $this->find('#lesson-zoom')->click();
        $this->find('.lesson-frames li:first-child a')->click();
        $this->until('return document.querySelector("#lesson-number").textContent === "1"');

        // By key: the first end travels, and stands.
        $this->driver->executeScript('document.activeElement.blur()');
        $this->driver->getKeyboard()->sendKeys([WebDriverKeys::ARROW_RIGHT]);
        $this->until('return document.querySelector("#lesson-number").textContent === "2"');
        $between = $this->lengthOf('left');
        $this->until('return document.querySelector("#stage [data-frame=\'1\'][display=inline]") !== null');
        $this->until('return document.querySelector("#stage").getAnimations !== undefined');
        usleep(1_900_000);
        self::assertGreaterThan($between, $this->lengthOf('left'), 'it went on after the key');
        $this->driver->getKeyboard()->sendKeys([WebDriverKeys::ARROW_LEFT]);
        $this->until('return document.querySelector("#lesson-number").textContent === "1"');

        // By tap on the drawing, and by what is listed below.
        $this->find('#stage')->click();
        $this->until('return document.querySelector("#lesson-number").textContent === "2"');
        $this->find('.lesson-frames li:last-child a')->click();
        $this->until('return document.querySelector("#lesson-number").textContent === "6"');
        self::assertSame(0, $this->read('return document.querySelectorAll("#stage path[stroke-dasharray]").length'));
        self::assertStringContainsString('frame=6', $this->driver->getCurrentURL());

        // By itself, until it is stopped.
        $this->find('#lesson-play')->click();
        $this->until('return document.querySelector("#lesson-number").textContent === "1"');
        $this->until('return document.querySelector("#lesson-number").textContent === "2"');
        $this->find('#lesson-play')->click();
        self::assertSame('false', $this->find('#lesson-play')->getAttribute('aria-pressed'));

        $this->find('#to-board')->click();
        $this->until('return location.pathname === "'.$board.'"');
        $this->untilShown('#say', $place);
        $this->assertNothingLogged();
    }

    /**
     * Where a maker wants no motion, frames change at once; without scripts they are links; on a phone nothing is wider
     * than it, and the drawing, its sentence and the way on are in sight together.
     */
    public function testWithoutMotionWithoutScriptsAndOnAPhone(): void
    {
        $this->screen(390, 844);
        $this->driver->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', [
            'cmd' => 'Emulation.setEmulatedMedia',
            'params' => ['features' => [['name' => 'prefers-reduced-motion', 'value' => 'reduce']]],
        ]);
        $this->open('/knots/barrel');
        $this->find('#lesson-next')->click();
        $this->until('return document.querySelector("#stage [data-frame=\'1\'][display=inline]") !== null');
        foreach (['#stage', '#lesson-text', '#lesson-next'] as $seen) {
            self::assertLessThanOrEqual(844, $this->number(
                'return document.querySelector("'.$seen.'").getBoundingClientRect().bottom',
            ), $seen);
        }
        self::assertGreaterThanOrEqual(44, $this->number(
            'return document.querySelector("#lesson-next").getBoundingClientRect().height',
        ));
        $this->scripts(false);
        $this->open('/knots/sliding-barrel');
        $this->find('#lesson-next')->click();
        $this->untilShown('#lesson-text', 'Wind it around both');
        $this->find('#lesson-next')->click();
        $this->untilShown('#lesson-text', 'second wrap');
        $this->find('#other-hand')->click();
        $this->untilShown('#lesson-text', 'second wrap');
        foreach (['/knots', '/knots/interlace', '/knots/glue', '/practice?of=how-to-wrap'] as $path) {
            $this->open($path);
            self::assertLessThanOrEqual(390, $this->number('return document.documentElement.scrollWidth'), $path);
        }
        $this->find('#answers button:nth-of-type(1)')->click();
        $this->untilShown('#told a', 'The whole knot');
        $this->scripts(true);
        $this->light('light');
    }

    /**
     * Returns how much of a cord is drawn, in diameters.
     */
    private function lengthOf(string $name): float
    {
        return $this->number(
            'return [...document.querySelectorAll("#stage .cord-body[data-cord=\''.('left' === $name ? 2 : 3).'\']")]'
                .'.filter((path) => path.style.display !== "none" && path.getAttribute("display") !== "none")'
                .'.map((path) => Math.min(path.getTotalLength(), '
                .'Number((path.getAttribute("stroke-dasharray") ?? "999").split(" ")[0])))'
                .'.reduce((sum, length) => sum + length, 0)',
        );
    }
}
