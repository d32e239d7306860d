<?php

declare(strict_types=1);

namespace Rinkel\App\Piece;

use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Node\Word;
use Rinkel\Core\Pattern\Pattern;
use Rinkel\Core\Pattern\PatternEdit;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Piece\Naming;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Piece\PieceWriter;
use Rinkel\Core\Piece\Wish;
use Rinkel\Core\Plan\Planner;
use Rinkel\Core\Quoted;
use Rinkel\Core\Said;

/**
 * The fields of the Piece page: each is one place in the open format, by its path, and one reader serves both.
 *
 * A field that still shows what Rinkel wrote there keeps its exact value: 16.5 cm shown as 6 1/2 in does not drift to
 * 165.1 mm by being sent back. Two kinds of fields are no places: "….called", the short name of a bead or finding, and
 * "word.2.0", the letters of the word that stands at 2.0 in the pattern.
 *
 * What the maker leaves alone stays open: only when she first changes something of the cords, of the pattern with its
 * beads, or of the closure is what the construction fills in there written down with it.
 */
final readonly class PieceForm
{
    private const BASE = [
        'name', 'unit', 'wearer.place', 'wearer.girth', 'wearer.measured', 'wearer.hand', 'wearer.upper', 'wearer.upperAt', 'ease', 'length', 'drop',
        'wraps', 'tension', 'pattern', 'closure.kind', 'closure.knots', 'closure.wraps', 'closure.tail', 'closure.loops', 'closure.findings',
        'closure.glued', 'closure.knotted', 'forChild', 'instantGlue',
    ];
    private const PARTS = [
        'cords' => ['fibre', 'thickness', 'width', 'colour', 'count'],
        'beads' => ['called', 'shape', 'diameter', 'length', 'hole', 'colour', 'stock', 'glass'],
        'findings' => ['called', 'kind', 'length', 'width', 'inside', 'stock', 'nickel'],
    ];

    /** What is written down with a field of a part that a construction had filled in. */
    private const DECIDED = [
        'cords' => ['cords'],
        'beads' => ['beads', 'findings', 'pattern'],
        'findings' => ['findings', 'closure'],
        'pattern' => ['beads', 'findings', 'pattern'],
        'word' => ['beads', 'findings', 'pattern'],
        'closure' => ['findings', 'closure'],
    ];

    /** Lengths that are shown in the piece's unit; those in PARTS are in mm. */
    private const LENGTHS = [
        'wearer.girth',
        'wearer.hand',
        'wearer.upper',
        'wearer.upperAt',
        'ease',
        'length',
        'drop',
        'closure.tail',
    ];
    private const FINE = ['thickness', 'width', 'diameter', 'length', 'hole', 'inside'];

    /** Longer texts are cut before they are kept: no field means anything near it. */
    private const LONGEST = 20_000;

    public function __construct(
        private PieceReader $reader,
        private PieceWriter $writer,
        private Planner $planner,
    ) {}

    /**
     * Returns the fields as they show $piece, what it leaves open filled in.
     *
     * @return array<string, string>
     *
     * @throws PieceUnreadable If there is no such construction
     */
    public function shown(Wish $piece): array
    {
        $document = $this->writer->write($this->planner->completed($piece)->decided());
        $fields = [];
        foreach (self::BASE as $path) {
            $fields[$path] = self::written($path, self::at($document, $path), $piece->unit);
        }
        foreach (self::PARTS as $kind => $parts) {
            foreach (array_keys(\is_array($document[$kind] ?? null) ? $document[$kind] : []) as $name) {
                foreach ($parts as $part) {
                    $path = $kind.'.'.$name.'.'.$part;
                    $fields[$path] = 'called' === $part ? (string) $name : self::written(
                        $path,
                        self::at($document, $path),
                        $piece->unit,
                    );
                }
            }
        }

        return $fields;
    }

    /**
     * Returns what somebody sent, as texts by field; what can be no field is dropped.
     *
     * @return array<string, string>
     */
    public static function texts(mixed $sent): array
    {
        $texts = [];
        foreach (\is_array($sent) ? $sent : [] as $path => $value) {
            if (\is_scalar($value) && 1 === preg_match('/^[\pL\d_.-]{1,120}$/Du', (string) $path)) {
                $texts[(string) $path] = mb_substr(mb_scrub((string) $value), 0, self::LONGEST);
            }
        }

        return $texts;
    }

    /**
     * Returns those of $texts that are fields of $piece and say something else than it shows, white space aside.
     *
     * @param array<string, string> $texts by field
     * @param Unit                  $in    in which the page was written
     *
     * @return array<string, string>
     */
    public function changed(array $texts, Wish $piece, Unit $in): array
    {
        $shown = $this->shown($piece->withUnit($in));

        return array_filter(
            $texts,
            static fn (string $text, string $path): bool => isset($shown[$path]) ? trim($text) !== trim(
                'unit' === $path ? $piece->unit->value : $shown[$path],
            ) : null !== self::wordAt($path),
            \ARRAY_FILTER_USE_BOTH,
        );
    }

    /**
     * Returns $before as the fields change it.
     *
     * @param array<string, string> $texts by field
     * @param Unit                  $in    in which the page was written
     *
     * @throws PieceUnreadable If any field cannot be read
     */
    public function read(array $texts, Wish $before, Unit $in): Wish
    {
        $changed = $this->changed($texts, $before, $in);
        $document = $this->writer->write($this->decided($before->withUnit($in), array_keys($changed)));
        foreach ($changed as $path => $text) {
            if ('unit' !== $path && null === self::wordAt($path) && !str_ends_with($path, '.called')) {
                self::put(
                    $document,
                    $path,
                    'closure.findings' === $path ? preg_split(
                        '/[\s,]+/',
                        $text,
                        flags: \PREG_SPLIT_NO_EMPTY,
                    ) ?: [] : $text,
                );
            }
            $this->settle($document, $path, $text);
        }
        $piece = $this->spelt($changed, $this->renamed($changed, $this->reader->read($document)));
        $unit = Unit::tryFrom($changed['unit'] ?? $before->unit->value);

        return Unit::Centimetre === $unit || Unit::Inch === $unit ? $piece->withUnit($unit) : throw PieceUnreadable::at('unit', new Said('unit-wanted'));
    }

    /**
     * Takes what can be read of $texts; the rest is left, each with its faults.
     *
     * @param array<string, string> $texts by field
     * @param list<string>          $own   fields that were just typed in: they are left when what is wrong stands in another
     */
    public function taken(array $texts, array $own, Wish $before, Unit $in): Taken
    {
        $trying = $this->changed($texts, $before, $in);
        [$left, $faults] = [[], []];
        while ([] !== $trying) {
            try {
                $piece = $this->read($trying, $before, $in);
                $this->planner->draft($piece);

                return new Taken($piece, $left, $faults);
            } catch (PieceUnreadable $unreadable) {
                $told = self::byField($unreadable->faults);
                $bad = array_intersect_key($trying, $told);
                $bad = [] === $bad ? array_intersect_key($trying, array_flip($own)) : $bad;
                $bad = [] === $bad ? $trying : $bad;
                $faults += $told;
                $left += $bad;
                $trying = array_diff_key($trying, $bad);
            }
        }

        return new Taken($before, $left, $faults);
    }

    /**
     * @param list<Fault> $faults
     *
     * @return array<string, non-empty-list<Fault>> by field
     */
    public static function byField(array $faults): array
    {
        $byField = [];
        foreach ($faults as $fault) {
            $byField[$fault->path][] = $fault;
        }

        return $byField;
    }

    /**
     * Returns texts that could not be read yet with every bare length said in $bare, so that they mean the same in
     * another unit.
     *
     * @param array<string, string> $texts by field
     *
     * @return array<string, string>
     */
    public static function pinned(array $texts, Unit $bare): array
    {
        foreach ($texts as $path => $text) {
            if ('pattern' === $path) {
                $texts[$path] = Pattern::pinned($text, $bare);
            } elseif (\in_array($path, self::LENGTHS, true) && 1 === preg_match('/^[\s\d.,\/½¼¾⅛⅜⅝⅞]+$/u', $text)) {
                $texts[$path] = rtrim($text).' '.$bare->value;
            }
        }

        return $texts;
    }

    /**
     * @param list<string> $paths of what changes
     */
    private function decided(Wish $piece, array $paths): Wish
    {
        $parts = array_merge(
            ...array_map(static fn (string $path): array => self::DECIDED[explode('.', $path)[0]] ?? [], $paths),
            ...[[]],
        );

        return [] === $parts ? $piece : $piece->decidedAs(
            $this->planner->completed($piece),
            array_values(array_unique($parts)),
        );
    }

    /**
     * Takes out of the document what no longer holds when $path says $text.
     *
     * @param array<mixed> $document
     */
    private function settle(array &$document, string $path, string $text): void
    {
        if ('closure.kind' === $path) {
            // A tail is another thing in another closure.
            self::put($document, 'closure.tail', '');
        } elseif (1 === preg_match(
            '/^(beads\..+)\.(diameter|shape)$/',
            $path,
            $match,
        ) && ('diameter' === $match[2] || 'seed' !== $text)) {
            // It is no seed bead of that number any more.
            self::put($document, $match[1].'.size', '');
        }
    }

    /**
     * Returns which part of the pattern a field spells, null for any other field.
     */
    private static function wordAt(string $path): ?string
    {
        return 1 === preg_match('/^word\.(\d{1,4}(?:\.\d{1,4}){0,12})$/D', $path, $match) ? $match[1] : null;
    }

    /**
     * Returns the piece with beads and findings called as typed, in the pattern and the closure too.
     *
     * @param array<string, string> $changed
     */
    private function renamed(array $changed, Wish $piece): Wish
    {
        foreach ($changed as $path => $name) {
            $name = mb_strtolower(trim($name));
            if (1 !== preg_match('/^(beads|findings)\.([^.]+)\.called$/', $path, $match) || $name === $match[2]) {
                continue;
            }
            if (isset($piece->beads[$name]) || isset($piece->findings[$name])) {
                throw PieceUnreadable::at($path, new Said('name-taken', ['name' => new Quoted($name)]));
            }
            $piece = Naming::suits($name) ? $piece->withBeadCalled($match[2], $name) : throw PieceUnreadable::at($path, Naming::refusal($name));
        }

        return $piece;
    }

    /**
     * Returns the piece with the words in its pattern spelt as typed.
     *
     * @param array<string, string> $changed
     */
    private function spelt(array $changed, Wish $piece): Wish
    {
        foreach ($changed as $path => $text) {
            $at = self::wordAt($path);
            $text = mb_substr(trim(preg_replace('/["\p{C}]+/u', '', $text) ?? ''), 0, 40);
            if (null === $at || '' === $text || null === $piece->pattern) {
                continue;
            }
            $edit = new PatternEdit($piece->pattern->tree);
            $word = $edit->at($at);
            if ($word instanceof Word && $word->text !== $text) {
                $piece = $piece->withPattern(
                    $edit->replaced($at, static fn (): array => [new Word($text, $word->bead, $word->between)]),
                );
            }
        }

        return $piece;
    }

    private static function written(string $path, string $exact, Unit $unit): string
    {
        $fine = 1 === preg_match(
            '/^(cords|beads|findings)\.[^.]+\.([a-z]+)$/',
            $path,
            $match,
        ) && \in_array($match[2], self::FINE, true);
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
