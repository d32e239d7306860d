<?php

declare(strict_types=1);

namespace Rinkel\Core\Piece;

use Rinkel\Core\Knot\DrawnWay;
use Rinkel\Core\Knot\Exception\KnotUnreadable;
use Rinkel\Core\Knot\Kind\DrawnKnot;
use Rinkel\Core\Knot\PulledKnot;
use Rinkel\Core\Pattern\Pattern;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Internal\Fields;

/**
 * Reads and writes knots of somebody's own in the open format: by themselves (docs/knot.schema.json), or in a piece
 * that ties them.
 */
final readonly class KnotReader
{
    public const FORMAT = 'rinkel-knot';
    public const VERSION = 1;

    /** Longer ways are none. */
    private const LONGEST = 20_000;

    private const SIZES = ['use', 'length', 'width', 'height'];

    /**
     * @param array<mixed> $document of one knot
     *
     * @throws PieceUnreadable If anything is missing, of the wrong kind, out of its range, or cannot be
     */
    public function read(array $document): DrawnKnot
    {
        $fields = new Fields($document);
        $fields->mustBe('format', self::FORMAT);
        $fields->mustBeVersion('version', self::VERSION);
        $name = $fields->text('name', 41) ?? '';
        $knot = self::in($fields, '', $name, 'name');
        $fields->noneElse();

        $faults = $fields->faults();
        if ([] !== $faults) {
            throw PieceUnreadable::because($faults);
        }
        \assert(null !== $knot);

        return $knot;
    }

    /**
     * @return array<string, mixed> of a knot by itself
     */
    public function write(DrawnKnot $knot): array
    {
        return ['format' => self::FORMAT, 'version' => self::VERSION, 'name' => $knot->word()] + self::entry($knot);
    }

    /**
     * @return array<string, mixed> of a knot in a piece, where its name stands before it
     */
    public static function entry(DrawnKnot $knot): array
    {
        $pulled = $knot->pulled;

        return [
            'way' => $knot->way->written(),
            'crossings' => $knot->way->crossed(),
            'pulled' => [
                'use' => $pulled->use,
                'length' => $pulled->length,
                'width' => $pulled->width,
                'height' => $pulled->height,
                'error' => $pulled->error,
                'version' => $pulled->version,
                'way' => $pulled->written(),
            ],
        ];
    }

    /**
     * @param string $under under which path of the document it stands, with its dot
     * @param string $named at which path its name stands
     */
    public static function in(Fields $fields, string $under, string $word, string $named): ?DrawnKnot
    {
        $way = self::way($fields, $under);
        $sizes = array_map(
            static fn (string $name): float => $fields->real($under.'pulled.'.$name, 0.0, 1000.0, 0.0) ?? 0.0,
            self::SIZES,
        );
        $error = $fields->real($under.'pulled.error', 0.0, 1.0, 0.0) ?? 0.0;
        $version = $fields->number($under.'pulled.version', 1, 1000, 1) ?? 1;
        $tight = $fields->note($under.'pulled.way', self::LONGEST) ?? '';
        try {
            self::checkName($word);
            $pulled = PulledKnot::read([$sizes[0], $sizes[1], $sizes[2], $sizes[3]], $error, $version, $tight);

            return null === $way ? null : DrawnKnot::called($word, $way, $pulled);
        } catch (KnotUnreadable $unreadable) {
            $field = $unreadable->field();

            return $fields->fault('name' === $field ? $named : $under.$field, $unreadable->said());
        }
    }

    /**
     * @throws KnotUnreadable If no pattern could name a knot that is called so
     */
    public static function checkName(string $word): void
    {
        DrawnKnot::check($word);
        foreach (explode(' ', $word) as $part) {
            if (Pattern::isTaken($part)) {
                throw KnotUnreadable::isWord($part);
            }
        }
    }

    private static function way(Fields $fields, string $under): ?DrawnWay
    {
        $way = $fields->note($under.'way', self::LONGEST) ?? '';
        $crossings = $fields->note($under.'crossings', self::LONGEST) ?? '';
        try {
            return DrawnWay::read($way, $crossings);
        } catch (KnotUnreadable $unreadable) {
            return $fields->fault($under.$unreadable->field(), $unreadable->said());
        }
    }
}
