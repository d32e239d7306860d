<?php

declare(strict_types=1);

namespace Rinkel\Core\Piece\Lift;

use Rinkel\Core\Failure;
use Rinkel\Core\Fit\BodyPlace;
use Rinkel\Core\Fit\Measurement;
use Rinkel\Core\Material\BeadShape;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Pattern;
use Rinkel\Core\Pattern\Renaming;
use Rinkel\Core\Piece\FormatUpgrade;
use Rinkel\Core\Piece\Naming;

/**
 * From version 1 to 2: "hand", how hard knots are pushed, is called "tension"; sizes of beads and findings that only
 * say what is usual are left out, so that they follow when the rest changes; what version 1 passed over in silence
 * (cords without a task, findings that do not exist, knots without a name) goes, and what it took but no longer suits
 * (a wrist wider than any, a bead called like a cord's task) is put right, so that the plan stays what it was.
 *
 * @internal
 */
final class FromVersion1 implements FormatUpgrade
{
    /** Names of cords that had a task, by construction; those of a null are the maker's own besides. */
    private const CORDS = [
        'square-knot-band' => ['core', 'working', 'slider'],
        'stacked-band' => null,
        'spaced-knots' => ['cord', 'slider'],
        'single-focal' => ['cord', 'slider'],
        'bundled-wrap' => ['cord'],
        'strung-beads' => ['cord', 'slider'],
        'stretch' => ['cord', 'slider'],
        'knotted-strands' => ['strand', 'slider'],
        'multi-row' => ['core', 'working', 'slider'],
        'wave-band' => ['core', 'working'],
        'strand-bundle' => null,
        'laced-chain' => ['lace'],
        'braided-chain' => ['left', 'right'],
        'rope-knot' => ['rope', 'thread'],
        'netted-pouch' => ['mesh', 'slider'],
    ];

    /** Findings that a construction brought along. */
    private const BROUGHT = [
        'bundled-wrap' => ['button'],
        'wave-band' => ['button'],
        'knotted-strands' => ['end', 'ring', 'clasp'],
        'laced-chain' => ['chain', 'slide'],
        'braided-chain' => ['chain', 'toggle'],
        'rope-knot' => ['magnet'],
        'netted-pouch' => ['stone'],
    ];

    private const KNOTS = [
        'square', 'half left', 'half right', 'overhand', 'double overhand', 'barrel', 'lark', 'vertical lark', 'hitch', 'whip', 'interlace',
    ];

    /** Sizes of a finding in mm where none was said. */
    private const FINDING = ['length' => 10.0, 'width' => 4.0, 'inside' => 3.0];

    public function lift(array $document): array
    {
        $document = FromVersion3::freed($document); // patterns are read below as they are written today
        $lifted = ['version' => 2] + $document;
        $lifted['tension'] = $document['hand'] ?? null;
        unset($lifted['hand']);
        foreach ([
            'cords' => $this->cords(...),
            'samples' => $this->samples(...),
            'wearer' => $this->wearer(...),
        ] as $part => $lift) {
            if (\is_array($document[$part] ?? null)) {
                $lifted[$part] = $lift($document[$part], $document);
            }
        }
        $lifted = $this->renamed($lifted);
        foreach (['beads' => $this->bead(...), 'findings' => $this->finding(...)] as $part => $lift) {
            if (\is_array($lifted[$part] ?? null)) {
                $lifted[$part] = array_map(
                    static fn (mixed $entry): mixed => \is_array($entry) ? $lift($entry) : $entry,
                    $lifted[$part],
                );
            }
        }

        return $this->closed(array_filter($lifted, static fn (mixed $value): bool => null !== $value));
    }

    /**
     * @param array<mixed> $cords
     * @param array<mixed> $document
     *
     * @return array<mixed>
     */
    private function cords(array $cords, array $document): array
    {
        $construction = $document['construction'] ?? null;
        $known = \is_string($construction) ? self::CORDS[$construction] ?? null : null;

        return array_map(self::lying(...), null === $known ? $cords : array_intersect_key($cords, array_flip($known)));
    }

    /**
     * Lays a flat cord that stood on its edge on its face.
     */
    private static function lying(mixed $cord): mixed
    {
        if (!\is_array($cord) || !\is_string($cord['width'] ?? null)) {
            return $cord;
        }
        $thickness = \is_string($cord['thickness'] ?? null) ? $cord['thickness'] : '1 mm';
        try {
            $stands = Length::parse($cord['width'], Unit::Millimetre)->isShorterThan(Cord::thicknessOf($thickness));
        } catch (Failure) {
            return $cord;
        }

        return $stands ? [
            'thickness' => $cord['width'],
            'width' => (string) Cord::thicknessOf($thickness),
        ] + $cord : $cord;
    }

    /**
     * @param array<mixed> $samples
     *
     * @return array<mixed>
     */
    private function samples(array $samples): array
    {
        return array_intersect_key($samples, array_flip(self::KNOTS));
    }

    /**
     * Puts a girth that no wrist has where one can have it, and every measure into its range.
     *
     * @param array<mixed> $wearer
     * @param array<mixed> $document
     *
     * @return array<mixed>
     */
    private function wearer(array $wearer, array $document): array
    {
        $unit = 'in' === ($document['unit'] ?? null) ? Unit::Inch : Unit::Centimetre;
        $place = \is_string($wearer['place'] ?? null) ? BodyPlace::tryFrom($wearer['place']) : null;
        $girth = self::length($wearer['girth'] ?? null, $unit);
        if (null !== $girth) {
            $place ??= BodyPlace::Wrist;
            for ($fits = [
                BodyPlace::Ankle,
                BodyPlace::Neck,
            ]; [] !== $fits && $girth->isLongerThan($place->girth()->range()[1]);) {
                $place = array_shift($fits);
            }
            $wearer = ['place' => $place->value] + $wearer;
            $wearer['girth'] = self::within($wearer['girth'], $girth, $place->girth());
        }
        $passing = self::length($wearer['hand'] ?? null, $unit);

        return null === $passing ? $wearer : [
            'hand' => self::within($wearer['hand'], $passing, ($place ?? BodyPlace::Wrist)->passing()),
        ] + $wearer;
    }

    private static function within(mixed $written, Length $length, Measurement $measurement): mixed
    {
        [$least, $most] = $measurement->range();

        return match (true) {
            $length->isShorterThan($least) => (string) $least,
            $length->isLongerThan($most) => (string) $most,
            default => $written,
        };
    }

    /**
     * @param array<mixed> $bead
     *
     * @return array<mixed>
     */
    private function bead(array $bead): array
    {
        $shape = BeadShape::tryFrom(\is_string($bead['shape'] ?? null) ? $bead['shape'] : 'round');
        $diameter = isset($bead['size']) ? null : self::length($bead['diameter'] ?? '6 mm', Unit::Millimetre);
        if (null === $shape || null === $diameter) {
            return $bead;
        }
        $usual = [
            'length' => $diameter->times($shape->usualLength()),
            'hole' => Length::longest(Length::ofMillimetres(0.6), $diameter->times(0.25)),
        ];

        return array_filter(
            $bead,
            static fn (mixed $value, int|string $key): bool => !isset($usual[$key]) || true !== self::length($value, Unit::Millimetre)?->equals($usual[$key]),
            \ARRAY_FILTER_USE_BOTH,
        );
    }

    /**
     * @param array<mixed> $finding
     *
     * @return array<mixed>
     */
    private function finding(array $finding): array
    {
        $kind = FindingKind::tryFrom(\is_string($finding['kind'] ?? null) ? $finding['kind'] : 'clasp');
        if (null === $kind) {
            return $finding;
        }
        $usual = array_combine(array_keys(self::FINDING), $kind->usualSizes());
        foreach (self::FINDING as $size => $millimetres) {
            $length = self::length($finding[$size] ?? $millimetres.' mm', Unit::Millimetre);
            if (null !== $length) {
                $finding[$size] ??= (string) $length;
            }
            if (true === $length?->equals($usual[$size])) {
                unset($finding[$size]);
            }
        }

        return $finding;
    }

    /**
     * Calls beads and findings otherwise whose names no longer suit, in the pattern and the closure too.
     *
     * @param array<mixed> $document
     *
     * @return array<mixed>
     */
    private function renamed(array $document): array
    {
        $taken = (\is_array($document['beads'] ?? null) ? $document['beads'] : []) + (\is_array($document['findings'] ?? null) ? $document['findings'] : []);
        foreach (['beads', 'findings'] as $part) {
            foreach (\is_array($document[$part] ?? null) ? array_keys($document[$part]) : [] as $name) {
                $old = (string) $name;
                $suits = 'beads' === $part ? Naming::suits($old) : Pattern::isName($old);
                if (!$suits && 1 === preg_match('/^[\pL][\pL\d_-]*$/Du', $old)) {
                    $new = Naming::near($old, $taken);
                    $taken[$new] = true;
                    $document = $this->called($document, $part, $old, $new);
                }
            }
        }

        return $document;
    }

    /**
     * @param array<mixed> $document
     *
     * @return array<mixed>
     */
    private function called(array $document, string $part, string $old, string $new): array
    {
        $entries = \is_array($document[$part]) ? $document[$part] : [];
        $document[$part] = array_combine(
            array_map(
                static fn (int|string $name): string => $old === (string) $name ? $new : (string) $name,
                array_keys($entries),
            ),
            $entries,
        );
        if (\is_array($document['closure'] ?? null) && \is_array($document['closure']['findings'] ?? null)) {
            $document['closure']['findings'] = array_map(
                static fn (mixed $name): mixed => $old === $name ? $new : $name,
                $document['closure']['findings'],
            );
        }
        if (\is_string($document['pattern'] ?? null)) {
            try {
                $unit = 'in' === ($document['unit'] ?? null) ? Unit::Inch : Unit::Centimetre;
                $document['pattern'] = (string) (new Renaming(
                    Pattern::parse($document['pattern'], $unit),
                ))->withBeadCalled($old, $new);
            } catch (Failure) {
                // A pattern that cannot be read is told by the reader.
            }
        }

        return $document;
    }

    /**
     * @param array<mixed> $document
     *
     * @return array<mixed>
     */
    private function closed(array $document): array
    {
        if (\is_array($document['closure'] ?? null) && \is_array($document['closure']['findings'] ?? null)) {
            $construction = \is_string($document['construction'] ?? null) ? $document['construction'] : '';
            $there = (\is_array($document['findings'] ?? null) ? $document['findings'] : []) + array_flip(
                self::BROUGHT[$construction] ?? [],
            );
            $document['closure']['findings'] = array_values(array_filter(
                $document['closure']['findings'],
                static fn (mixed $name): bool => \is_string($name) && isset($there[$name]),
            ));
        }

        return $document;
    }

    private static function length(mixed $text, Unit $bare): ?Length
    {
        try {
            return \is_string($text) ? Length::parse($text, $bare) : null;
        } catch (Failure) {
            return null;
        }
    }
}
