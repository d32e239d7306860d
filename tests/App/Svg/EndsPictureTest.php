<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Svg;

use PHPUnit\Framework\TestCase;
use Rinkel\App\Svg\EndsPicture;
use Rinkel\Core\Rehearsal\Rehearsal;
use Rinkel\Core\Work\ActKind;
use Rinkel\Tests\Core\Examples;
use Symfony\Component\DomCrawler\Crawler;

final class EndsPictureTest extends TestCase
{
    /**
     * Six ends at one scale: the left hand's leftmost, the right hand's rightmost, each as long as what is left of it.
     */
    public function testEndsHangAtOneScaleBetweenTheHands(): void
    {
        $rehearsal = new Rehearsal(Examples::plan());
        $tie = 0;
        foreach ($rehearsal->acts->all as $number => $act) {
            $tie = 0 === $tie && ActKind::Tie === $act->does ? $rehearsal->acts->before($number) : $tie;
        }
        $ends = $rehearsal->ends($tie);
        $said = array_map(static fn (int $i): string => 'left '.$i, array_keys($ends));
        $svg = new Crawler(EndsPicture::paint($ends, ['left' => 'L', 'right' => 'R'], $said, 'Ends'));
        $cords = $svg->filter('.ends-cord');
        self::assertCount(\count($ends), $cords);
        $places = [];
        foreach ($cords->extract(['d']) as $way) {
            self::assertIsString($way);
            self::assertSame(1, preg_match('/^M([\d.]+),18 V([\d.]+)$/', $way, $match));
            $places[] = [(float) $match[1], (float) $match[2] - 18];
        }
        self::assertSame('L', $svg->filter('.ends-letter')->first()->text());
        self::assertSame($places[0][0], (float) $svg->filter('.ends-letter')->first()->attr('x'));
        self::assertSame(
            $places[array_key_last($places)][0],
            (float) $svg->filter('.ends-letter')->last()->attr('x'),
        );
        $hand = array_values(array_filter($ends, static fn ($one): bool => null !== $one->hand))[0];
        $free = array_values(array_filter($ends, static fn ($one): bool => null === $one->hand))[0];
        self::assertEqualsWithDelta(
            $hand->left->millimetres / $free->left->millimetres,
            $places[0][1] / $places[1][1],
            0.01,
        );
        self::assertSame('Ends', $svg->filter('svg')->attr('aria-label'));
    }

    public function testWhatIsDoneIsAStub(): void
    {
        $rehearsal = new Rehearsal(Examples::plan());
        $ends = $rehearsal->ends($rehearsal->acts->moves);
        $svg = new Crawler(EndsPicture::paint($ends, [], array_fill(0, \count($ends), '9 cm'), 'Ends'));
        self::assertCount(0, $svg->filter('.ends-left'), 'nothing is said of what is made');
        self::assertCount(\count($ends), $svg->filter('.ends-done'));
        self::assertStringContainsString('V27', (string) $svg->filter('.ends-cord')->first()->attr('d'));
    }
}
