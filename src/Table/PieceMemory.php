<?php

declare(strict_types=1);

namespace Rinkel\App\Table;

use Psr\Cache\CacheItemPoolInterface;
use Rinkel\App\Piece\StoredPiece;
use Symfony\Component\DependencyInjection\ParameterBag\ParameterBagInterface;

/**
 * What came of pieces, worked out once for what each is, whose hand makes it and which Rinkel plans it.
 */
final readonly class PieceMemory
{
    /** In seconds: what nobody looks at for a month is worked out again. */
    private const KEPT = 30 * 86_400;

    public function __construct(
        private CacheItemPoolInterface $kept,
        private ParameterBagInterface $parameters,
    ) {}

    /**
     * Returns by what a piece is told from what it was, and from any other. The number of its state does not: typing
     * that goes on stays in one, and one that was taken back makes room for another.
     */
    public static function mark(StoredPiece $stored): string
    {
        return hash('xxh128', serialize([$stored->uid(), $stored->document()]));
    }

    /**
     * Returns what is remembered of a piece, else what $made makes of it.
     *
     * @template T of object
     *
     * @param class-string<T> $what
     * @param callable(): T   $made
     * @param string          $hand by what the hand is told that makes it (Samples::mark()); "" for anybody's
     *
     * @return T
     */
    public function of(string $what, StoredPiece $stored, callable $made, string $hand = ''): object
    {
        $item = $this->kept->getItem('piece.'.hash('xxh128', serialize([
            $what, self::mark($stored), $hand, $this->parameters->get('container.build_id'),
        ])));
        $kept = $item->isHit() ? $item->get() : null;
        if ($kept instanceof $what) {
            return $kept;
        }
        $new = $made();
        $this->kept->save($item->set($new)->expiresAfter(self::KEPT));

        return $new;
    }
}
