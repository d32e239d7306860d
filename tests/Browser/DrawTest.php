<?php

declare(strict_types=1);

namespace Rinkel\Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;

/**
 * A knot is laid on paper with a real pointer: pressed, dragged, turned over.
 */
final class DrawTest extends BrowserCase
{
    public function testAKnotIsLaidPlaceByPlace(): void
    {
        $this->open('/knots/draw');
        foreach (explode(' ', 'k1 k5 o9 k13 g11 g7') as $i => $place) {
            $this->press($place);
            $this->until('return document.querySelectorAll("#knot-paper [data-place]").length === '.($i + 1));
        }
        $this->press('g7', 'h6');
        $this->until('return document.querySelector("#own-way").value.endsWith("g11 h6")');
        foreach (explode(' ', 'k5 o3 q8 k9 f14 k18') as $i => $place) {
            $this->press($place);
            $this->until('return document.querySelectorAll("#knot-paper [data-place]").length === '.($i + 7));
        }
        $said = $this->text('#draw-said');
        self::assertStringContainsString('overhand', $said);
        $this->find('#turn-0')->click();
        $this->until('return document.querySelector("#draw-said").textContent.trim() !== '.json_encode($said));
        self::assertStringContainsString('undone', $this->text('#draw-said'));
        $this->press('k5');
        $this->until('return document.querySelector("#draw-said").textContent.includes("overhand")');
        $this->type('own-name', 'snail');
        $this->until('return !document.querySelector("#pull").disabled');
        self::assertSame('own-name', $this->read('return document.activeElement.id'), 'typing goes on');
        $here = $this->read('return location.search');
        $this->driver->navigate()->refresh();
        $this->untilShown('#knot-paper');
        self::assertSame($here, $this->read('return location.search'));
        self::assertStringContainsString('overhand', $this->text('#draw-said'));
        $this->assertNothingLogged();
    }

    /**
     * Presses a place of the paper, and lets go of it there or at another.
     */
    private function press(string $at, ?string $to = null): void
    {
        $tools = new ChromeDevToolsDriver($this->driver);
        $moves = null === $to
            ? [['mousePressed', $at], ['mouseReleased', $at]]
            : [['mousePressed', $at], ['mouseMoved', $to], ['mouseReleased', $to]];
        foreach ($moves as [$type, $place]) {
            [$x, $y] = [\ord($place[0]) - \ord('a'), (int) substr($place, 1) - 1];
            $point = $this->read('const paper = document.querySelector("#knot-paper");
                paper.scrollIntoView({block: "nearest"});
                const square = Number(paper.dataset.square);
                const point = new DOMPoint(square * '.$x.', square * '.$y.').matrixTransform(paper.getScreenCTM());
                return [point.x, point.y];');
            self::assertIsArray($point);
            $tools->execute('Input.dispatchMouseEvent', [
                'type' => $type, 'x' => $point[0], 'y' => $point[1], 'button' => 'left', 'clickCount' => 1,
                'buttons' => 'mouseReleased' === $type ? 0 : 1,
            ]);
        }
    }
}
