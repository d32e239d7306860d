<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Paper;

use PHPUnit\Framework\Attributes\DataProvider;
use Rinkel\App\Paper\Page;
use Rinkel\App\Stock\StockBox;
use Rinkel\Core\Stock\Kind;
use Rinkel\Tests\App\WebCase;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\CommandTester;
use Symfony\Component\Process\Process;

/**
 * Paper is checked as a maker checks it: it is printed (rasterised by poppler, ten pixels to the mm) and measured.
 */
final class PaperTest extends WebCase
{
    /** Pixels of an inch, so that a mm has ten. */
    private const DPI = 254;

    #[DataProvider('providePapers')]
    public function testAHundredMillimetresAreAHundred(string $path): void
    {
        $id = $this->lay()->id();
        foreach ($this->pages($this->pdf(str_replace('ID', (string) $id, $path))) as $page) {
            self::assertEqualsWithDelta(
                10 * Page::CHECK,
                self::longestLine($page, imagesy($page) - 200, imagesy($page)),
                2,
                'the line at the foot, within 0.2 mm',
            );
        }
    }

    /**
     * @return iterable<string, array{string}>
     */
    public static function providePapers(): iterable
    {
        yield 'work sheet' => ['/pieces/ID/work.pdf'];
        yield 'line of beads' => ['/pieces/ID/line.pdf'];
        yield 'wrist strip' => ['/paper/wrist.pdf'];
        yield 'cut sheet' => ['/cut/sheet.pdf?p[]=ID&n[ID]=3'];
        yield 'labels' => ['/cut/labels.pdf?p[]=ID&n[ID]=9'];
        yield 'shopping list' => ['/cut/buy.pdf?p[]=ID'];
    }

    /**
     * On the strip for a wrist, centimetre by centimetre: each long tick lies 10 mm from the one before it.
     */
    public function testTheWristStripMeasures(): void
    {
        [$page] = $this->pages($this->pdf('/paper/wrist.pdf'));
        $ticks = self::longTicks($page);
        self::assertGreaterThan(20, \count($ticks));
        foreach (range(1, 20) as $i) {
            self::assertEqualsWithDelta($ticks[0] + 100 * $i, $ticks[$i], 2, 'tick '.$i);
        }
    }

    /**
     * The drawing of the work sheet is the piece itself: between the two marks of its body lies its length.
     */
    public function testTheDrawingIsAsLongAsThePiece(): void
    {
        $piece = $this->lay(['length' => '120 mm', 'closure' => ['kind' => 'ties']]);
        $this->browser->request('GET', '/pieces/'.$piece->id().'/plan.json');
        $plan = json_decode((string) $this->browser->getResponse()->getContent(), true);
        self::assertIsArray($plan);
        self::assertIsArray($plan['body']);
        self::assertIsString($plan['body']['length']);
        [$page] = $this->pages($this->pdf('/pieces/'.$piece->id().'/line.pdf'));
        // The longest level line above the foot is the tape's edge over the body.
        self::assertEqualsWithDelta(
            10 * (float) $plan['body']['length'],
            self::longestLine($page, 300, 700),
            4,
        );
    }

    public function testAWorkSheetSaysAllThatIsNeeded(): void
    {
        $piece = $this->lay(['name' => 'Ångström – “long”']);
        $text = $this->words($this->pdf('/pieces/'.$piece->id().'/work.pdf'));
        foreach (['Ångström – “long”', 'Cords to cut', 'Strip 1 of', '1. Cut', 'Safety', '100 mm'] as $words) {
            self::assertStringContainsString($words, $text);
        }
        $this->browser->request('POST', '/settings', ['language' => 'nl']);
        self::assertStringContainsString(
            'Te knippen koorden',
            $this->words($this->pdf('/pieces/'.$piece->id().'/work.pdf')),
        );
    }

    public function testThePaperOfACutSheetSaysWhatThePageSays(): void
    {
        $piece = $this->lay(['name' => 'Plain']);
        self::getContainer()->get(StockBox::class)->keep(null, Kind::Cord, [
            'fibre' => 'polyester', 'thickness' => '1 mm', 'colour' => '#112233', 'offcuts' => ['2600 mm'],
        ]);
        $query = '?p[]='.$piece->id().'&n['.$piece->id().']=2';
        $page = $this->browser->request('GET', '/cut'.$query)->filter('.cut-list strong')->extract(['_text']);
        self::assertNotSame([], $page);
        self::getContainer()->get(StockBox::class)->keep(null, Kind::Cord, [
            'fibre' => 'polyester', 'thickness' => '1 mm', 'colour' => '#aabbcc', 'name' => 'Fog',
            'place' => 'Top drawer',
        ]);
        foreach (['sheet', 'labels'] as $paper) {
            $text = $this->words($this->pdf('/cut/'.$paper.'.pdf'.$query));
            foreach (array_filter($page, is_string(...)) as $length) {
                self::assertStringContainsString($length, $text, $paper);
            }
            self::assertStringContainsString('Plain (2)', $text);
            self::assertStringContainsString('Fog, Top drawer', $text, 'where the core lies');
        }
    }

    public function testWhatIsNotThereHasNoPaper(): void
    {
        foreach (['work.pdf', 'line.pdf', 'drawing.svg', 'plan.json', 'paper'] as $paper) {
            $this->browser->request('GET', '/pieces/99999999/'.$paper);
            self::assertResponseStatusCodeSame(404, $paper);
        }
        $this->pdf('/cut/sheet.pdf?p[]=99999999');
    }

    public function testTheCommandPrintsPaper(): void
    {
        $tester = new CommandTester((new Application(self::bootKernel()))->find('rinkel:paper'));
        $file = \dirname(__DIR__, 3).'/demo/pieces/harbour-rail.json';
        foreach (['work' => '%PDF-', 'line' => '%PDF-', 'svg' => '<svg '] as $as => $begin) {
            self::assertSame(0, $tester->execute(['file' => $file, '--as' => $as]));
            self::assertStringStartsWith($begin, $tester->getDisplay());
        }
        self::assertSame(1, $tester->execute(['file' => $file, '--as' => 'gold']));
        self::assertSame(1, $tester->execute(['file' => __FILE__]));
    }

    private function pdf(string $path): string
    {
        $this->browser->request('GET', $path);
        self::assertResponseIsSuccessful($path);
        $pdf = (string) $this->browser->getResponse()->getContent();
        self::assertStringStartsWith('%PDF-', $pdf);

        return $pdf;
    }

    /**
     * @return list<\GdImage>
     */
    private function pages(string $pdf): array
    {
        $stem = sys_get_temp_dir().'/rinkel-paper-'.bin2hex(random_bytes(6));
        (new Process(['pdftoppm', '-gray', '-r', (string) self::DPI, '-png', '-', $stem], input: $pdf))->mustRun();
        $pages = [];
        foreach (glob($stem.'*.png') ?: [] as $file) {
            $page = imagecreatefrompng($file);
            self::assertInstanceOf(\GdImage::class, $page);
            $pages[] = $page;
            unlink($file);
        }
        self::assertNotSame([], $pages);

        return $pages;
    }

    private function words(string $pdf): string
    {
        return (new Process(['pdftotext', '-layout', '-', '-'], input: $pdf))->mustRun()->getOutput();
    }

    /**
     * Returns how long the longest dark level line is between two heights, in pixels.
     */
    private static function longestLine(\GdImage $page, int $from, int $to): int
    {
        $longest = 0;
        for ($y = $from; $y < $to; ++$y) {
            $run = 0;
            for ($x = 0; $x < imagesx($page); ++$x) {
                $run = self::isDark($page, $x, $y) ? $run + 1 : 0;
                $longest = max($longest, $run);
            }
        }

        return $longest;
    }

    /**
     * Returns where the long ticks of the tape are: in the row in which most dark strokes stand apart by a centimetre.
     *
     * @return list<int>
     */
    private static function longTicks(\GdImage $page): array
    {
        $best = [];
        for ($y = 300; $y < 600; ++$y) {
            $strokes = [];
            for ($x = 1; $x < imagesx($page); ++$x) {
                if (self::isDark($page, $x, $y) && !self::isDark($page, $x - 1, $y)) {
                    $strokes[] = $x;
                }
            }
            $gaps = array_map(
                static fn (int $a, int $b): int => $b - $a,
                \array_slice($strokes, 0, -1),
                \array_slice($strokes, 1),
            );
            $even = \count(array_filter($gaps, static fn (int $gap): bool => abs($gap - 100) <= 3));
            if ($even >= \count($gaps) - 3 && $even > \count($best)) {
                $first = 0;
                foreach ($gaps as $i => $gap) {
                    if (abs($gap - 100) <= 3) {
                        $first = $i;
                        break;
                    }
                }
                $best = \array_slice($strokes, $first);
            }
        }

        return $best;
    }

    private static function isDark(\GdImage $page, int $x, int $y): bool
    {
        return (imagecolorat($page, $x, $y) & 0xFF) < 140;
    }
}
