<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Internal;

use Rinkel\Core\Knot\KnownKnots;
use Rinkel\Core\Message;

/**
 * The readers of parts that are no brackets, and the words that mean something to them.
 *
 * @internal
 */
final readonly class PartReaders
{
    /** Words of the notation besides those that parts begin with; no bead can be called by either. */
    private const RESERVED = [
        'alternate',
        'between',
        'by',
        'centre',
        'every',
        'fit',
        'in',
        'level',
        'loose',
        'mirror',
        'of',
        'on',
        'x',
    ];

    /** What knots say of a side, a cord may be called by. */
    private const SIDES = ['left', 'right'];

    /** @var non-empty-list<PartReader> */
    public array $all;

    /** @var array<string, true> words that no bead can be called by */
    public array $words;

    public function __construct(private KnownKnots $knots)
    {
        $this->all = [new Part\KnotsReader($knots), ...self::worded()];
        $this->words = self::reserved($knots);
    }

    /**
     * Returns whether $name can name a bead or a cord.
     */
    public static function isName(string $name): bool
    {
        return 1 === preg_match(
            '/^[\pL][\pL\d_-]{0,39}$/Du',
            $name,
        ) && !isset(self::reserved(KnownKnots::all())[mb_strtolower($name)]);
    }

    /**
     * Returns whether something else than a knot is called $word.
     */
    public static function isTaken(string $word): bool
    {
        return isset(self::reserved(new KnownKnots())[mb_strtolower($word)]);
    }

    /**
     * @return array<string, true>
     */
    private static function reserved(KnownKnots $knots): array
    {
        return array_fill_keys([
            ...self::RESERVED,
            ...array_map(static fn (Part\KeywordPart $reader): string => $reader->word(), self::worded()),
            ...array_diff(explode(' ', implode(' ', $knots->words())), self::SIDES),
        ], true);
    }

    /**
     * @return non-empty-list<Part\KeywordPart>
     */
    private static function worded(): array
    {
        return [
            new Part\BeadsReader(), new Part\FocalReader(), new Part\GapReader(), new Part\WordReader(), new Part\BundleReader(),
            new Part\BindingReader(), new Part\HangReader(), new Part\BraidReader(), new Part\NetReader(),
            new Part\WaveReader(), new Part\LinksReader(),
        ];
    }

    /**
     * @return list<Message|string>
     */
    public function beginnings(): array
    {
        return [
            new Message('expected-any-number'),
            ...array_map(static fn (PartReader $reader): Message|string => $reader->begins(), $this->all),
            '"centre"',
            '"("',
            '"mirror"',
            '"outwards"',
            '"below"',
        ];
    }

    /**
     * Returns how what a number can stand before begins.
     *
     * @return non-empty-list<string>
     */
    public function counted(): array
    {
        return array_map(
            static fn (string $word): string => '"'.$word.'"',
            ['bead', 'link', ...$this->knots->words()],
        );
    }
}
