<?php

declare(strict_types=1);

namespace Rinkel\App\Paper;

use Rinkel\App\Document\Attached;
use Rinkel\App\Svg\QrCode;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Svg\PlainSvg;

/**
 * A document on paper at true scale: every page has a line of 100 mm at its foot, by which a maker sees whether it was
 * printed so.
 */
final class Page extends \TCPDF
{
    public const MARGIN = 15.0;

    /** Of the line at the foot, in mm. */
    public const CHECK = 100.0;

    /** What stands above the foot ends so far from the edge, in mm. */
    private const FOOT = 22.0;
    private const FONT = 'dejavusans';

    /** Of a code, in mm: so large a phone reads it from paper. */
    private const CODE = 42;

    /** How high one of several pictures is, in mm. */
    private const PICTURE = 58.0;

    private bool $hasAnyScript = false;

    private function __construct(
        string $title,
        string $language,
        private readonly string $check,
        bool $isLetter,
        bool $isLandscape,
    ) {
        parent::__construct($isLandscape ? 'L' : 'P', 'mm', $isLetter ? 'LETTER' : 'A4');
        $this->tcpdflink = false;
        $this->setPrintHeader(false);
        $this->setCreator('Rinkel');
        $this->setTitle($title);
        // Read aloud in its language, called by its title, and with its headings to go by.
        $this->setLanguageArray(
            ['a_meta_charset' => 'UTF-8', 'a_meta_dir' => 'ltr', 'a_meta_language' => $language, 'w_page' => ''],
        );
        $this->setViewerPreferences(['DisplayDocTitle' => true]);
        $this->setMargins(self::MARGIN, self::MARGIN, self::MARGIN);
        $this->setAutoPageBreak(true, self::FOOT);
        $this->setFont(self::FONT, '', 9);
        $this->setCellPadding(0);
        // The same document comes out the same, byte by byte, apart from its date.
        $this->setFontSubsetting(true);
        $this->AddPage();
    }

    /**
     * @param string $language    "en"
     * @param string $check       what is said of the line at the foot
     * @param bool   $isLetter    whether the paper is Letter, as in the United States, instead of A4
     * @param bool   $isLandscape whether it lies
     */
    public static function of(
        string $title,
        string $language,
        string $check,
        bool $isLetter,
        bool $isLandscape = false,
    ): self {
        // Where the library was preloaded, what it defines beside its class was not.
        if (!\defined('K_CELL_HEIGHT_RATIO')) {
            require_once \dirname(
                (string) (new \ReflectionClass(\TCPDF::class))->getFileName(),
            ).'/tcpdf_autoconfig.php';
        }

        return new self($title, $language, $check, $isLetter, $isLandscape);
    }

    /**
     * Draws the line at the foot; called by the library for each page.
     */
    public function Footer(): void
    {
        $y = $this->getPageHeight() - 12;
        $this->setLineStyle(['width' => 0.2, 'color' => [0, 0, 0]]);
        $this->Line(self::MARGIN, $y, self::MARGIN + self::CHECK, $y);
        foreach ([0.0, self::CHECK] as $end) {
            $this->Line(self::MARGIN + $end, $y - 2, self::MARGIN + $end, $y + 2);
        }
        $this->setFont(self::FONT, '', 7);
        $this->Text(self::MARGIN + self::CHECK + 3, $y - 2.5, $this->check);
        $this->Text(self::MARGIN, $y + 2.5, (string) $this->getPage());
    }

    /**
     * Returns how wide a strip can be, in mm.
     */
    public function room(): float
    {
        return $this->getPageWidth() - 2 * self::MARGIN;
    }

    /**
     * Puts pieces into the document, in the open format, for programs that read them.
     *
     * @param array<string, mixed> ...$documents
     */
    public function attach(array ...$documents): void
    {
        foreach (array_values($documents) as $i => $document) {
            $this->EmbedFileFromString(
                Attached::name($i),
                json_encode($document, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE),
            );
        }
    }

    /**
     * Begins a new page where so much does not fit on this one any more.
     */
    public function need(float $height): void
    {
        if ($this->GetY() + $height > $this->getPageHeight() - self::FOOT) {
            $this->AddPage();
        }
    }

    public function title(string $text, string $below = ''): void
    {
        $this->Bookmark($text);
        $this->setFont(self::FONT, 'B', 16);
        $this->MultiCell(0, 8, ...$this->said($text), align: 'L');
        if ('' !== $below) {
            $this->text9($below);
        }
        $this->Ln(2);
    }

    public function heading(string $text, ?Colour $colour = null, float $with = 16): void
    {
        $this->need($with);
        $this->Ln(2);
        $this->Bookmark($text, 1);
        $this->setFont(self::FONT, 'B', 10.5);
        if (null !== $colour) {
            $this->spot(self::MARGIN + 1.8, $this->GetY() + 2.4, $colour);
        }
        $this->MultiCell(0, 6, ...$this->said($text), align: 'L', x: self::MARGIN + (null === $colour ? 0 : 5));
        $this->setLineStyle(['width' => 0.2, 'color' => [0, 0, 0]]);
        $this->Line(self::MARGIN, $this->GetY(), self::MARGIN + $this->room(), $this->GetY());
        $this->Ln(1.5);
    }

    private function spot(float $x, float $y, Colour $colour): void
    {
        $rgb = array_map(hexdec(...), str_split(substr($colour->hex, 1), 2));
        $this->Circle($x, $y, 1.6, style: 'DF', line_style: ['width' => 0.15, 'color' => [0, 0, 0]], fill_color: $rgb);
    }

    public function text9(string $text, bool $isBold = false): void
    {
        $this->setFont(self::FONT, $isBold ? 'B' : '', 9);
        $this->MultiCell(0, 4.6, ...$this->said($text), align: 'L');
    }

    /**
     * Writes a line with a box to tick, what it comes to on the right, and a note below it.
     *
     * @param Colour|null $colour of what it is about, as a spot before it
     */
    public function tick(string $text, string $right = '', string $note = '', ?Colour $colour = null): void
    {
        $this->setFont(self::FONT, '', 9);
        $left = self::MARGIN + (null === $colour ? 6 : 11);
        $width = $this->room() - 34 - $left + self::MARGIN;
        $height = 4.6 * max(1, $this->getNumLines($text, $width)) + ('' === $note ? 0 : 4.2) + 1.2;
        $this->need($height);
        $y = $this->GetY();
        $this->setLineStyle(['width' => 0.2, 'color' => [0, 0, 0]]);
        $this->Rect(self::MARGIN, $y + 0.6, 3.4, 3.4);
        if (null !== $colour) {
            $this->spot(self::MARGIN + 7.5, $y + 2.3, $colour);
        }
        $this->MultiCell($width, 4.6, ...$this->said($text), align: 'L', x: $left, y: $y);
        $below = $this->GetY();
        if ('' !== $right) {
            $this->setFont(self::FONT, 'B', 9);
            $this->MultiCell(32, 4.6, ...$this->said($right), align: 'R', x: self::MARGIN + $this->room() - 32, y: $y);
            $this->setFont(self::FONT, '', 9);
        }
        $this->setY($below);
        if ('' !== $note) {
            $this->setFont(self::FONT, '', 8);
            $this->setTextColor(80);
            $this->MultiCell($width, 4.2, ...$this->said($note), align: 'L', x: $left);
            $this->setTextColor(0);
        }
        $this->Ln(1.2);
    }

    /**
     * Lays a drawing at true size over as many strips as it needs, one below the other.
     *
     * @param string                     $svg  in mm, as PieceDrawing writes it
     * @param callable(int, int): string $said of each strip, by its number and how many there are
     */
    public function strips(string $svg, callable $said): void
    {
        $document = new \DOMDocument();
        $document->loadXML($svg, \LIBXML_NONET);
        $root = $document->documentElement ?? throw new \LogicException('A drawing is an element.');
        [, , $width, $height] = PlainSvg::box($root);
        // Without its size in mm, which the library would take for one in points.
        $plain = (string) preg_replace('/ width="[\d.]+mm" height="[\d.]+mm"/', '', PlainSvg::of($svg, false), 1);
        // As large as whole mm, and printed as large: at scale 1.
        [$wide, $high] = [(int) ceil($width), (int) ceil($height)];
        $drawn = (string) $this->startTemplate($wide, $high);
        $this->ImageSVG('@'.$plain, 0, 0, $width, $height);
        $this->endTemplate();
        $count = (int) ceil($width / $this->room() - 1e-6);
        for ($i = 0; $i < $count; ++$i) {
            $this->need($height + 7);
            $this->setFont(self::FONT, '', 7);
            $this->MultiCell(0, 4, ...$this->said($said($i + 1, $count)), align: 'L');
            $y = $this->GetY();
            $this->StartTransform();
            $this->Rect(self::MARGIN, $y, $this->room(), $height, 'CNZ');
            $this->printTemplate($drawn, self::MARGIN - $i * $this->room(), $y, $wide, $high);
            $this->StopTransform();
            $this->setY($y + $height + 3);
        }
    }

    /**
     * Writes a label beside others, at the left $x from the margin: what is to be read first large.
     *
     * @param list<string> $lines
     */
    public function label(float $x, float $width, float $height, array $lines): void
    {
        $y = $this->GetY();
        $this->setLineStyle(['width' => 0.15, 'color' => [0, 0, 0], 'dash' => '2,2']);
        $this->Rect(self::MARGIN + $x, $y, $width, $height);
        $this->setLineStyle(['dash' => 0]);
        $at = $y + 2;
        foreach ($lines as $i => $line) {
            $this->setFont(self::FONT, 0 === $i ? 'B' : '', 0 === $i ? 13 : 7.5);
            $this->MultiCell(
                $width - 4,
                0 === $i ? 6 : 3.6,
                ...$this->said($line),
                align: 'L',
                x: self::MARGIN + $x + 2,
                y: $at,
            );
            $at = $this->GetY();
        }
        $this->setY($y);
    }

    /**
     * Writes a table; columns share the width of the page.
     *
     * @param list<string>       $head
     * @param list<list<string>> $rows
     */
    public function table(array $head, array $rows): void
    {
        $width = $this->room() / max(1, \count($head));
        foreach ([$head, ...$rows] as $i => $cells) {
            $this->setFont(self::FONT, 0 === $i ? 'B' : '', 8);
            $lines = max(
                1,
                ...array_map(fn (string $cell): int => (int) $this->getNumLines($cell, $width - 1), $cells),
            );
            $this->need(4.2 * $lines + 1);
            $y = $this->GetY();
            foreach ($cells as $column => $cell) {
                $this->MultiCell(
                    $width - 1,
                    4.2,
                    ...$this->said($cell),
                    align: 'L',
                    x: self::MARGIN + $column * $width,
                    y: $y,
                );
            }
            $this->setY($y + 4.2 * $lines + 0.6);
            $this->setLineStyle(['width' => 0.1, 'color' => [120, 120, 120]]);
            $this->Line(self::MARGIN, $this->GetY(), self::MARGIN + $this->room(), $this->GetY());
            $this->setY($this->GetY() + 0.4);
        }
    }

    /**
     * Draws cuts one after the other, as long beside each other as they are.
     *
     * @param list<float>  $cuts  in mm
     * @param list<string> $words
     * @param float        $whole how long the whole width of the page is, in mm of cord
     */
    public function bar(array $cuts, array $words, float $whole): void
    {
        $y = $this->GetY();
        $at = self::MARGIN;
        $this->setLineStyle(['width' => 0.2, 'color' => [0, 0, 0]]);
        foreach ($cuts as $i => $cut) {
            $width = $this->room() * $cut / $whole;
            $this->Rect($at, $y, $width, 5);
            $this->setFont(self::FONT, '', 7);
            if ($width > 14) {
                $this->MultiCell(
                    $width,
                    5,
                    ...$this->said($words[$i] ?? ''),
                    align: 'C',
                    x: $at,
                    y: $y,
                    maxh: 5,
                    valign: 'M',
                );
            }
            $at += $width;
        }
        $this->setY($y + 6);
    }

    /**
     * Draws a distance at true size between two marks; one that is longer than the page goes on below.
     */
    public function gauge(string $said, float $length): void
    {
        $this->need(12);
        $this->text9($said);
        $rest = $length;
        while ($rest > 0.01) {
            $this->need(7);
            $y = $this->GetY() + 2.5;
            $part = min($rest, $this->room());
            $this->setLineStyle(['width' => 0.2, 'color' => [0, 0, 0]]);
            $this->Line(self::MARGIN, $y, self::MARGIN + $part, $y);
            $this->Line(self::MARGIN, $y - 2, self::MARGIN, $y + 2);
            if ($part === $rest) {
                $this->Line(self::MARGIN + $part, $y - 2, self::MARGIN + $part, $y + 2);
            }
            $this->setY($y + 4);
            $rest -= $part;
        }
    }

    /**
     * Adds a text as a code to be scanned, with what it is beside it.
     */
    public function code(string $text, string $said): void
    {
        $this->need(self::CODE + 4);
        $y = $this->GetY() + 2;
        $svg = PlainSvg::of(QrCode::of($text, $said), false);
        $this->ImageSVG('@'.$svg, self::MARGIN, $y, self::CODE, self::CODE, fitonpage: false);
        $this->setFont(self::FONT, '', 9);
        $beside = self::CODE + 4;
        $this->MultiCell(
            $this->room() - $beside,
            4.6,
            ...$this->said($said),
            align: 'L',
            x: self::MARGIN + $beside,
            y: $y + 3,
        );
        $this->setY($y + self::CODE + 2);
    }

    /**
     * Lays pictures side by side, three in a row, each with what is said of it below.
     *
     * @param list<array{string, string}> $pictures drawings, and what is said of each
     */
    public function pictures(array $pictures): void
    {
        $width = $this->room() / 3;
        foreach (array_chunk($pictures, 3) as $row => $three) {
            $this->setFont(self::FONT, '', 9);
            $lines = max(1, ...array_map(
                fn (array $one): int => (int) $this->getNumLines($one[1], $width - 4),
                $three,
            ));
            $this->need(self::PICTURE + 4.6 * $lines + 4);
            $y = $this->GetY();
            foreach ($three as $i => [$svg, $said]) {
                $x = self::MARGIN + $i * $width;
                $this->ImageSVG('@'.PlainSvg::of($svg, false), $x, $y, $width - 4, self::PICTURE, fitonpage: false);
                $this->setFont(self::FONT, '', 9);
                $this->MultiCell(
                    $width - 4,
                    4.6,
                    ...$this->said((3 * $row + $i + 1).'  '.$said),
                    align: 'L',
                    x: $x,
                    y: $y + self::PICTURE + 1.5,
                );
            }
            $this->setY($y + self::PICTURE + 4.6 * $lines + 4);
        }
    }

    /**
     * Returns a text as the library takes it: in the font of the paper, and in another where that has no letters for
     * it.
     *
     * @return array{txt: string, ishtml: bool}
     */
    private function said(string $text): array
    {
        // The library asks for the direction of each sign beside one written from the right, and knows not all of them.
        $known = \TCPDF_FONT_DATA::$uni_type;
        \assert(\is_array($known));
        \TCPDF_FONT_DATA::$uni_type = $known + array_fill_keys(array_map(mb_ord(...), mb_str_split($text)), 'L');
        $marked = null === AnyScript::file() ? null : AnyScript::marked(
            $text,
            fn (int $sign): bool => $this->isCharDefined($sign, self::FONT),
        );
        if (null !== $marked && !$this->hasAnyScript) {
            $this->AddFont(AnyScript::FONT, '', AnyScript::file());
            $this->AddFont(AnyScript::FONT, 'B', AnyScript::file());
            $this->hasAnyScript = true;
        }

        return ['txt' => $marked ?? $text, 'ishtml' => null !== $marked];
    }

    public function pdf(): string
    {
        $written = $this->Output('', 'S');

        return \is_string($written) ? $written : throw new \LogicException('A document is a text.');
    }
}
