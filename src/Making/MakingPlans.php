<?php

declare(strict_types=1);

namespace Rinkel\App\Making;

use Rinkel\App\Piece\StoredPiece;
use Rinkel\Core\Hand\Hand;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\CordUse;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\HandReader;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Piece\PieceSpec;
use Rinkel\Core\Piece\PieceWriter;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Plan\Planner;
use Symfony\Component\DependencyInjection\Attribute\AutowireServiceClosure;

/**
 * By which plan something is made: its own once it is a fact, that of its piece before.
 */
final readonly class MakingPlans
{
    /**
     * Reader, writer and planner are made when somebody wants a plan: a tap at the board wants none.
     *
     * @param \Closure(): PieceReader $reader
     * @param \Closure(): PieceWriter $writer
     * @param \Closure(): Planner     $planner
     */
    public function __construct(
        #[AutowireServiceClosure(PieceReader::class)]
        private \Closure $reader,
        #[AutowireServiceClosure(PieceWriter::class)]
        private \Closure $writer,
        #[AutowireServiceClosure(Planner::class)]
        private \Closure $planner,
    ) {}

    /**
     * @throws PieceUnreadable
     */
    public function spec(StoredMaking $making): PieceSpec
    {
        return ($this->reader)()->read($making->isFrozen() ? $making->document() : self::changed($making));
    }

    /**
     * @throws PieceUnreadable
     */
    public function plan(StoredMaking $making): Plan
    {
        return $this->planner($making)->plan($this->spec($making));
    }

    /**
     * Returns who plans for it: for the hand by which it was planned, as far as somebody wrote that down.
     *
     * @throws PieceUnreadable
     */
    public function planner(StoredMaking $making): Planner
    {
        $hand = $making->hand();
        if (null === $hand && true === $making->order()?->isKit()) {
            return ($this->planner)()->by(new Hand());
        }

        return null === $hand ? ($this->planner)() : ($this->planner)()->by(HandReader::read($hand));
    }

    /**
     * Returns what makes it a fact as it would be planned now: what is made, its name, the hand, and of which piece.
     *
     * @return array{array<string, mixed>, string, array<string, mixed>, string}
     *
     * @throws PieceUnreadable
     */
    public function frozen(StoredMaking $making): array
    {
        $spec = $this->spec($making);

        return [
            ...$this->fact($spec, $this->planner($making)),
            null === $making->piece() ? '' : self::design($making->piece()),
        ];
    }

    /**
     * @return array{array<string, mixed>, string, array<string, mixed>}
     *
     * @throws PieceUnreadable
     */
    public function fact(PieceSpec $spec, Planner $planner): array
    {
        $piece = $planner->completed($spec);
        // Planned once, so that nothing is kept by which nobody could work.
        $planner->plan($spec);
        $cords = array_values(array_map(static fn (CordUse $use): Cord => $use->cord, $piece->cords));

        return [
            ($this->writer)()->write($piece->decided()),
            $piece->name,
            $piece->hand->about($cords, $piece->tension)->facts(),
        ];
    }

    /**
     * Returns the fact that a document is by the hand of today.
     *
     * @param array<mixed> $document of a piece
     *
     * @return array{array<string, mixed>, string, array<string, mixed>}
     *
     * @throws PieceUnreadable
     */
    public function factOf(array $document): array
    {
        return $this->fact(($this->reader)()->read($document), ($this->planner)());
    }

    /**
     * Returns by what a piece is told from what it was before.
     */
    public static function design(StoredPiece $piece): string
    {
        return hash('xxh3', serialize($piece->document()));
    }

    /**
     * Returns by what makings are told apart that are planned differently: those alike are planned once.
     */
    public static function alike(StoredMaking $making): string
    {
        return hash('xxh3', serialize($making->isFrozen()
            ? [$making->document(), $making->hand()]
            : [
                $making->piece()?->id(),
                array_diff_key($making->changes(), ['from' => '']),
                $making->order()?->isKit(),
            ]));
    }

    /**
     * Returns its piece with what is said to be other of it.
     *
     * @return array<mixed>
     */
    private static function changed(StoredMaking $making): array
    {
        $document = $making->piece()?->document() ?? [];
        if (true === $making->order()?->isKit()) {
            unset($document['tension'], $document['samples']); // whoever makes it ties by another hand
        }
        $changes = $making->changes();
        if (isset($changes['girth']) && !isset($changes['hand']) && \is_array($document['wearer'] ?? null)) {
            unset($document['wearer']['hand'], $document['wearer']['upper'], $document['wearer']['upperAt']); // another's
        }
        foreach ($changes as $field => $text) {
            if ('' === $text) {
                continue;
            }
            if ('for' === $field) {
                $document['for'] = $text;
            } elseif ('girth' === $field || 'hand' === $field) {
                $wearer = $document['wearer'] ?? null;
                $document['wearer'] = [$field => $text] + (\is_array($wearer) ? $wearer : []);
            } elseif (str_starts_with($field, 'colour.')) {
                $role = substr($field, 7);
                $cord = \is_array($document['cords'] ?? null) ? $document['cords'][$role] ?? null : null;
                if (\is_array($cord)) {
                    $document['cords'][$role] = ['colour' => $text] + $cord;
                }
            }
        }

        return $document;
    }
}
