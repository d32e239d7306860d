<?php

declare(strict_types=1);

namespace Rinkel\Core\Measure\Internal;

use Rinkel\Core\Measure\Exception\DivisionByNothing;
use Rinkel\Core\Measure\Exception\NegativeLength;
use Rinkel\Core\Measure\Exception\NotALength;
use Rinkel\Core\Measure\Exception\UnknownUnit;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;

/**
 * Reads one length out of a maker's text.
 *
 *     length   = feet, inches | number, [unit] ;
 *     feet     = number, ("'" | "ft") ;
 *     inches   = number, [unit] ;
 *     number   = decimal | [integer, ["-"]], fraction ;
 *     fraction = integer, "/", integer | "½" | "¼" | … ;
 *     decimal  = digits, [("." | ","), digits] | ".", digits ;
 *
 * @internal
 */
final readonly class LengthParser
{
    /** Longer texts are no lengths; the limit keeps the expressions below cheap. */
    private const LONGEST = 40;

    private const VULGAR = [
        '½' => '1/2', '¼' => '1/4', '¾' => '3/4', '⅛' => '1/8', '⅜' => '3/8', '⅝' => '5/8', '⅞' => '7/8',
        '⅓' => '1/3', '⅔' => '2/3', '⅕' => '1/5', '⅖' => '2/5', '⅗' => '3/5', '⅘' => '4/5', '⅙' => '1/6', '⅚' => '5/6',
    ];

    private const NUMBER = '(?<whole>\d{1,9}(?![\d]*\s*\/)(?:[.,]\d{1,18})?|[.,]\d{1,18})?\s*(?:(?<above>\d{1,6})\s*\/\s*(?<below>\d{1,6}))?';

    public function __construct(private string $text, private Unit $bare) {}

    public function parse(): Length
    {
        $text = $this->tidied();
        if (str_starts_with($text, '-') && \strlen($text) > 1 && 1 === preg_match('/^-\s*[\d.,]/', $text)) {
            throw NegativeLength::read($this->text, $this->bare);
        }
        $feet = Length::zero();
        $bare = $this->bare;
        if (1 === preg_match(
            "/^(?<feet>[^a-z'′’]+?)\\s*(?:'(?!')|′|’|ft\\.?|feet|foot)\\s*(?<rest>\\d.*)$/iu",
            $text,
            $match,
        )) {
            $feet = Length::of($this->number($match['feet']), Unit::Foot);
            [$text, $bare] = [$match['rest'], Unit::Inch];
        }
        if (1 !== preg_match('/^(?<number>[\d.,\s\/]*[\d.,])\s*(?<unit>\D*)$/u', $text, $match)) {
            throw NotALength::read($this->text, $this->bare);
        }
        $count = $this->number(trim($match['number']));
        $word = trim($match['unit']);
        $unit = '' === $word ? $bare : Unit::spelled($word);

        return Length::of($count, $unit ?? throw UnknownUnit::read($word, $this->text, $this->bare))->plus($feet);
    }

    private function tidied(): string
    {
        if (mb_strlen($this->text) > self::LONGEST || !mb_check_encoding($this->text, 'UTF-8')) {
            throw NotALength::read($this->text, $this->bare);
        }
        $text = str_replace(
            ["\u{a0}", "\u{202f}", "\u{2009}", '−', '–', '⁄'],
            [' ', ' ', ' ', '-', '-', '/'],
            $this->text,
        );
        foreach (self::VULGAR as $sign => $fraction) {
            $text = str_replace($sign, ' '.$fraction, $text);
        }

        return preg_replace('/(?<=\d)-(?=\d+\s*\/)/', ' ', trim($text)) ?? '';
    }

    private function number(string $text): float
    {
        $found = preg_match('/^'.self::NUMBER.'$/', trim($text), $match, \PREG_UNMATCHED_AS_NULL);
        if (1 !== $found || (null === $match['whole'] && null === $match['above'])) {
            throw NotALength::read($this->text, $this->bare);
        }
        $whole = (float) str_replace(',', '.', $match['whole'] ?? '0');
        if (null === $match['above']) {
            return $whole;
        }
        if (str_contains($match['whole'] ?? '', '.') || str_contains($match['whole'] ?? '', ',')) {
            throw NotALength::read($this->text, $this->bare);
        }
        $below = (int) $match['below'];

        return 0 === $below ? throw DivisionByNothing::read($this->text) : $whole + (int) $match['above'] / $below;
    }
}
