<?php

declare(strict_types=1);

namespace Rinkel\App\Form;

use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Node\Word;
use Rinkel\Core\Pattern\Pattern;
use Rinkel\Core\Pattern\PatternEdit;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Piece\Piece;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Piece\PieceWriter;
use Rinkel\Core\Quoted;

/**
 * The fields of the Piece page: each is one place in the open format, by its path, and one reader serves both.
 *
 * A field that still shows what Rinkel wrote there keeps its exact value: 16.5 cm shown as 6 1/2 in does not drift to 165.1 mm by
 * being sent back. Three fields are no places: "shown_in", the unit the page was written in; "….called", the short name of a bead
 * or finding; "word" with "word_at", the letters of a word and where it stands in the pattern.
 */
final readonly class PieceForm
{
    private const BASE = [
        'name', 'unit', 'wearer.place', 'wearer.girth', 'wearer.measured', 'wearer.hand', 'wearer.upper', 'wearer.upperAt', 'ease', 'length', 'drop',
        'wraps', 'hand', 'pattern', 'closure.kind', 'closure.knots', 'closure.wraps', 'closure.tail', 'closure.loops', 'closure.findings',
        'closure.glued', 'closure.knotted', 'forChild', 'instantGlue',
    ];
    private const PARTS = [
        'cords' => ['fibre', 'thickness', 'width', 'colour', 'count'],
        'beads' => ['called', 'shape', 'diameter', 'length', 'hole', 'colour', 'stock', 'glass'],
        'findings' => ['called', 'kind', 'length', 'width', 'inside', 'stock', 'nickel'],
    ];

    /** Lengths that are shown in the piece's unit; those in PARTS are in mm. */
    private const LENGTHS = ['wearer.girth', 'wearer.hand', 'wearer.upper', 'wearer.upperAt', 'ease', 'length', 'drop', 'closure.tail'];
    private const FINE = ['thickness', 'width', 'diameter', 'length', 'hole', 'inside'];

    /** Longer texts are cut before they are kept: no field means anything near it. */
    private const LONGEST = 20_000;

    public function __construct(
        private PieceReader $reader,
        private PieceWriter $writer,
    ) {}

    /**
     * Returns the fields as they show $piece.
     *
     * @return array<string, string>
     */
    public function shown(Piece $piece): array
    {
        $document = $this->writer->write($piece);
        $fields = ['shown_in' => $piece->unit->value, 'word' => '', 'word_at' => ''];
        foreach (self::BASE as $path) {
            $fields[$path] = self::written($path, self::at($document, $path), $piece->unit);
        }
        foreach (self::PARTS as $kind => $parts) {
            foreach (array_keys(\is_array($document[$kind] ?? null) ? $document[$kind] : []) as $name) {
                foreach ($parts as $part) {
                    $path = $kind.'.'.$name.'.'.$part;
                    $fields[$path] = 'called' === $part ? (string) $name : self::written($path, self::at($document, $path), $piece->unit);
                }
            }
        }

        return $fields;
    }

    /**
     * Returns what somebody sent, as fields; what is no field is dropped, what was not sent stays as $before shows it.
     *
     * @param array<mixed>          $sent   by path under "f", and what a button sets under "set"
     * @param array<string, string> $before
     *
     * @return array<string, string>
     */
    public function typed(array $sent, array $before): array
    {
        $fields = \is_array($sent['f'] ?? null) ? $sent['f'] : [];
        $set = \is_array($sent['set'] ?? null) ? $sent['set'] : [];
        foreach ($before as $path => $shown) {
            $value = $set[$path] ?? $fields[$path] ?? $shown;
            $before[$path] = \is_scalar($value) ? mb_substr(mb_scrub((string) $value), 0, self::LONGEST) : $shown;
        }

        return $before;
    }

    /**
     * Returns the fields in which $typed says something else than $before shows, white space aside.
     *
     * @param array<string, string> $typed
     *
     * @return list<string>
     */
    public function changed(array $typed, Piece $before): array
    {
        $shown = $this->shown($before->withUnit(Unit::tryFrom($typed['shown_in'] ?? '') ?? $before->unit));

        return array_keys(array_filter($typed, static fn (string $value, string $path): bool => isset($shown[$path]) && trim($value) !== trim($shown[$path]), \ARRAY_FILTER_USE_BOTH));
    }

    /**
     * Returns the piece that the fields say.
     *
     * @param array<string, string> $typed
     * @param Piece                 $before what the page showed, or the piece as it is stored
     *
     * @throws PieceUnreadable If any field cannot be read
     */
    public function read(array $typed, Piece $before): Piece
    {
        $shownIn = Unit::tryFrom($typed['shown_in'] ?? '') ?? $before->unit;
        $document = $this->writer->write($before);
        $changed = $this->changed($typed, $before);
        foreach ($changed as $path) {
            if (\in_array($path, self::BASE, true) || 1 === preg_match('/^(cords|beads|findings)\.[^.]+\.(?!called)[a-z]+$/', $path)) {
                self::put($document, $path, 'closure.findings' === $path ? array_values(array_filter(preg_split('/[\s,]+/', $typed[$path]) ?: [])) : $typed[$path]);
            }
        }
        if (\in_array('closure.kind', $changed, true)) {
            // A tail is another thing in another closure.
            self::put($document, 'closure.tail', '');
        }
        $document['unit'] = $shownIn->value;
        $unit = Unit::tryFrom($typed['unit']);
        $piece = $this->reader->read($document);
        $piece = $this->spelt($typed, $this->renamed($typed, $piece));

        return Unit::Centimetre === $unit || Unit::Inch === $unit ? $piece->withUnit($unit) : throw PieceUnreadable::because([new Fault('unit', 'Choose cm or in.')]);
    }

    /**
     * Returns the piece with beads and findings called as typed, in the pattern and the closure too.
     *
     * @param array<string, string> $typed
     */
    private function renamed(array $typed, Piece $piece): Piece
    {
        foreach ($typed as $path => $name) {
            $name = mb_strtolower(trim($name));
            if (1 !== preg_match('/^(beads|findings)\.([^.]+)\.called$/', $path, $match) || $name === $match[2]) {
                continue;
            }
            if (!Pattern::isName($name) || isset($piece->beads[$name]) || isset($piece->findings[$name])) {
                throw PieceUnreadable::because([new Fault($path, \sprintf(isset($piece->beads[$name]) || isset($piece->findings[$name]) ? '%s is taken.' : '%s cannot be a short name: use letters, digits and hyphens, and no word of the notation.', new Quoted($name)))]);
            }
            $piece = $piece->withCalled($match[2], $name);
        }

        return $piece;
    }

    /**
     * Returns the piece with the word in the pattern spelt as typed.
     *
     * @param array<string, string> $typed
     */
    private function spelt(array $typed, Piece $piece): Piece
    {
        $text = str_replace('"', '', trim($typed['word'] ?? ''));
        if ('' === $text || null === $piece->pattern) {
            return $piece;
        }
        $edit = new PatternEdit(Pattern::parse($piece->pattern, $piece->unit));
        $word = $edit->at($typed['word_at'] ?? '');

        return $word instanceof Word && $word->text !== $text
            ? $piece->withPattern((string) $edit->replaced($typed['word_at'], static fn (): array => [new Word(mb_substr($text, 0, 40), $word->bead, $word->between)]))
            : $piece;
    }

    private static function written(string $path, string $exact, Unit $unit): string
    {
        $fine = 1 === preg_match('/^(cords|beads|findings)\.[^.]+\.([a-z]+)$/', $path, $match) && \in_array($match[2], self::FINE, true);
        if ('' === $exact || !$fine && !\in_array($path, self::LENGTHS, true)) {
            return $exact;
        }

        return (string) Length::parse($exact, Unit::Millimetre)->written($fine ? Unit::Millimetre : $unit);
    }

    /**
     * @param array<mixed> $document
     */
    private static function at(array $document, string $path): string
    {
        $value = $document;
        foreach (explode('.', $path) as $step) {
            $value = \is_array($value) ? $value[$step] ?? '' : '';
        }

        return match (true) {
            \is_array($value) => implode(' ', array_filter($value, is_string(...))),
            true === $value => 'yes',
            default => \is_scalar($value) ? (string) $value : '',
        };
    }

    /**
     * @param array<mixed>        $document
     * @param string|list<string> $value
     */
    private static function put(array &$document, string $path, string|array $value): void
    {
        $place = &$document;
        foreach (explode('.', $path) as $step) {
            $place = \is_array($place) ? $place : [];
            $place = &$place[$step];
        }
        $place = $value;
    }
}
