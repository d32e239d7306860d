<?php

declare(strict_types=1);

namespace Rinkel\App\Piece;

use Rinkel\App\Knots\KnotsAtHand;
use Rinkel\App\Platform\Wording\FieldTexts;
use Rinkel\App\Platform\Wording\Notation;
use Rinkel\App\Platform\Wording\Wording;
use Rinkel\Core\Closure\ClosureOption;
use Rinkel\Core\Closure\ClosureWish;
use Rinkel\Core\Closure\EndForm;
use Rinkel\Core\Closure\Kind\TwoEnding;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Message;
use Rinkel\Core\Pattern\InEnglish;
use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Piece\KnotReader;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Piece\PieceSpec;
use Rinkel\Core\Piece\PieceWriter;
use Rinkel\Core\Plan\Planner;
use Symfony\Contracts\Translation\TranslatorInterface;

/**
 * The fields of the Piece page: each is one place in the open format, by its path, and one reader serves both.
 *
 * A field that still shows what Rinkel wrote there keeps its exact value: 16.5 cm shown as 6 1/2 in does not drift to
 * 165.1 mm by being sent back. Two kinds of fields are no places: "….called", the short name of a bead, finding or
 * cord, and "word.2.0", the letters of the word that stands at 2.0 in the pattern.
 *
 * What the maker leaves alone stays open: only when they first change something of the cords, of the pattern with its
 * beads, or of the closure is what the construction fills in there written down with it.
 */
final readonly class PieceForm
{
    /** What is written down with a field of a part that a construction had filled in. */
    private const DECIDED = [
        'cords' => ['cords'],
        'beads' => ['beads', 'findings', 'pattern'],
        'findings' => ['findings', 'closure'],
        'pattern' => ['beads', 'findings', 'pattern'],
        'word' => ['beads', 'findings', 'pattern'],
        'closure' => ['findings', 'closure'],
    ];

    public function __construct(
        private PieceReader $reader,
        private PieceWriter $writer,
        private Planner $planner,
        private Drafts $drafts,
        private TranslatorInterface $translator,
        private ClosureParts $parts,
        private Notation $notation,
        private KnotsAtHand $knots,
    ) {}

    /**
     * Returns the fields as they show $piece, what it leaves open filled in.
     *
     * @return array<string, string>
     *
     * @throws PieceUnreadable If there is no such construction
     */
    public function shown(PieceSpec $piece): array
    {
        $document = $this->writer->write($this->planner->completed($piece)->decided());
        $shown = FieldTexts::of($document, $piece->unit, Wording::mark($this->translator->getLocale()));
        foreach ($shown as $path => $text) {
            if (\in_array($path, Notation::FIELDS, true) || str_ends_with($path, '.stretch')) {
                $shown[$path] = $this->notation->said($text, Notation::names($document));
            }
        }

        return $shown;
    }

    /**
     * Returns those of $texts that are fields of $piece and say something else than it shows, white space aside.
     *
     * @param array<string, string> $texts by field
     * @param Unit                  $in    in which the page was written
     *
     * @return array<string, string>
     */
    public function changed(array $texts, PieceSpec $piece, Unit $in): array
    {
        $shown = [] === $texts ? [] : $this->shown($piece->withUnit($in));

        return array_filter(
            $texts,
            static fn (string $text, string $path): bool => isset($shown[$path]) ? trim($text) !== trim(
                'unit' === $path ? $piece->unit->value : $shown[$path],
            ) : null !== NameFields::wordAt($path),
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
    public function read(array $texts, PieceSpec $before, Unit $in): PieceSpec
    {
        return $this->readChanged($this->changed($texts, $before, $in), $before, $in);
    }

    /**
     * @param array<string, string> $changed by field
     */
    private function readChanged(array $changed, PieceSpec $before, Unit $in): PieceSpec
    {
        $document = $this->writer->write($this->decided($before->withUnit($in), array_keys($changed)));
        foreach ($changed as $path => $text) {
            $text = $this->inEnglish($path, $text, $document)->text ?? $text;
            if ('unit' !== $path && null === NameFields::wordAt($path) && !str_ends_with($path, '.called')) {
                FieldTexts::put(
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
        if (isset($changed['pattern']) && \is_string($document['pattern'] ?? null)) {
            $own = array_map(KnotReader::entry(...), $this->knots->in($document['pattern']));
            $document['knots'] = (\is_array($document['knots'] ?? null) ? $document['knots'] : []) + $own;
        }
        $piece = $this->equipped(
            array_keys($changed),
            NameFields::taken($changed, $this->reader->read($document)),
            $before->closure->findings ?? [],
        );
        $unit = Unit::tryFrom($changed['unit'] ?? $before->unit->value);

        return Unit::Centimetre === $unit || Unit::Inch === $unit ? $piece->withUnit($unit) : throw PieceUnreadable::at('unit', new Message('unit-wanted'));
    }

    /**
     * Takes what can be read of $texts; the rest is left, each with its faults.
     *
     * @param array<string, string> $texts by field
     * @param list<string>          $own   fields that were just typed in: they are left when what is wrong stands in another
     */
    public function taken(array $texts, array $own, PieceSpec $before, Unit $in): ReadFields
    {
        $trying = $this->changed($texts, $before, $in);
        [$left, $faults] = [[], []];
        while ([] !== $trying) {
            try {
                $piece = $this->readChanged($trying, $before, $in);
                // Lengths said in another unit are written again: then it stands in other places than it will.
                $in === $piece->unit ? $this->drafts->draft($piece) : $this->planner->draft($piece);

                return new ReadFields($piece, $left, $faults);
            } catch (PieceUnreadable $unreadable) {
                $told = self::byField($this->asTyped($unreadable->faults, $trying, $before));
                $bad = array_intersect_key($trying, $told);
                $bad = [] === $bad ? array_intersect_key($trying, array_flip($own)) : $bad;
                $bad = [] === $bad ? $trying : $bad;
                $faults += $told;
                $left += $bad;
                $trying = array_diff_key($trying, $bad);
            }
        }

        return new ReadFields($before, $left, $faults);
    }

    /**
     * Returns a text of the notation in English, null of any other.
     *
     * @param array<mixed> $document
     */
    private function inEnglish(string $path, string $text, array $document): ?InEnglish
    {
        return \in_array($path, Notation::FIELDS, true)
            ? $this->notation->read($text, Notation::names($document))
            : null;
    }

    /**
     * Returns faults with their places in the texts as they were typed.
     *
     * @param list<Fault>           $faults
     * @param array<string, string> $texts  by field
     *
     * @return list<Fault>
     */
    private function asTyped(array $faults, array $texts, PieceSpec $before): array
    {
        $document = $this->writer->write($before);

        return array_map(function (Fault $fault) use ($texts, $document): Fault {
            $english = $this->inEnglish($fault->path, $texts[$fault->path] ?? '', $document);

            return null === $fault->place || null === $english
                ? $fault
                : new Fault($fault->path, $fault->said, $english->typed($fault->place));
        }, $faults);
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
     * @param list<string> $paths of what changes
     */
    private function decided(PieceSpec $piece, array $paths): PieceSpec
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
     * Returns a piece whose closure was just chosen with all that it is made of.
     *
     * @param list<string> $paths of what changes
     * @param list<string> $old   what the closure was made of before
     */
    private function equipped(array $paths, PieceSpec $piece, array $old): PieceSpec
    {
        $chosen = array_intersect($paths, ['closure.kind', 'closure.start', 'closure.finish']);
        if (null === $piece->closure || [] === $chosen) {
            return $piece;
        }
        [$findings, $closure] = $this->parts->of($piece->materials->findings, $piece->closure, array_map(
            strval(...),
            [...array_keys($piece->materials->beads), ...array_keys($piece->materials->cords)],
        ));

        $named = array_map(
            static fn (object $node): array => $node instanceof Node ? $node->names() : [],
            null === $piece->pattern ? [] : iterator_to_array($piece->pattern->tree->nodes(), false),
        );
        $unused = array_diff($old, $closure->findings, ...$named);

        return $piece->withFindings($this->parts->without($findings, $unused))->withClosure($closure);
    }

    /**
     * Takes out of the document what no longer holds when $path says $text.
     *
     * @param array<mixed> $document
     */
    private function settle(array &$document, string $path, string $text): void
    {
        if ('closure.kind' === $path) {
            // A tail is another thing in another closure, and what that does not know is said of none.
            $kind = $this->reader->closures->named($text);
            $unknown = null === $kind ? [] : array_diff(ClosureOption::fields(), ClosureOption::ofKind($kind));
            foreach (['tail', 'findings', ...$unknown] as $field) {
                FieldTexts::put($document, 'closure.'.$field, '');
            }
        } elseif ('closure.start' === $path || 'closure.finish' === $path) {
            $form = static fn (string $at): EndForm => EndForm::tryFrom(FieldTexts::at($document, $at))
                ?? EndForm::Loop;
            $ends = new ClosureWish(
                TwoEnding::anywhere(),
                start: $form('closure.start'),
                finish: $form('closure.finish'),
            );
            foreach ($ends->unheard() as $field) {
                FieldTexts::put($document, 'closure.'.$field, '');
            }
        } elseif (1 === preg_match(
            '/^(beads\..+)\.(diameter|shape)$/',
            $path,
            $match,
        ) && ('diameter' === $match[2] || 'seed' !== $text)) {
            // It is no seed bead of that number any more.
            FieldTexts::put($document, $match[1].'.size', '');
        }
    }
}
