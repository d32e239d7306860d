<?php

declare(strict_types=1);

namespace Rinkel\App\Piece;

use Rinkel\App\Stock\StockBox;
use Rinkel\App\Stock\StockRow;
use Rinkel\App\Stock\StoredItem;
use Rinkel\Core\Closure\ClosureOption;
use Rinkel\Core\Closure\ClosureWish;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Pattern\Pattern;
use Rinkel\Core\Piece\Piece;
use Rinkel\Core\Stock\Kind;

/**
 * What a closure that was just chosen is made of: what the piece has of it already, else from stock, else of usual
 * size.
 */
final class ClosureParts
{
    /** @var list<StockRow>|null findings in stock, once they were asked for */
    private ?array $rows = null;

    /**
     * @param StockBox|null $stock nothing is in stock when null
     */
    public function __construct(private readonly ?StockBox $stock = null) {}

    /**
     * Returns a piece with all that its closure is made of.
     */
    public function made(Piece $piece): Piece
    {
        [$findings, $closure] = $this->of($piece->findings, $piece->closure, array_map(strval(...), [
            ...array_keys($piece->beads),
            ...array_keys($piece->cords),
        ]));

        return $piece->withFindings($findings)->withClosure($closure);
    }

    /**
     * @param array<string, Finding> $findings of the piece, by name
     * @param list<string>           $taken    names of its other things
     *
     * @return array{array<string, Finding>, ClosureWish} its findings then, and its closure made of some of them
     */
    public function of(array $findings, ClosureWish $wish, array $taken): array
    {
        $named = $wish->findings;
        if (!\in_array('findings', ClosureOption::ofKind($wish->kind), true)) {
            return [$findings, $wish];
        }
        foreach ($wish->kind->made($wish) as $kind) {
            $is = static fn (string $name): bool => $kind === ($findings[$name] ?? null)?->kind;
            if ([] !== array_filter($named, $is)) {
                continue;
            }
            $there = array_values(array_filter(array_map(strval(...), array_keys($findings)), $is));
            if ([] === $there) {
                [$name, $finding] = $this->new($kind, [...$taken, ...array_map(strval(...), array_keys($findings))]);
                $findings[$name] = $finding;
                $there = [$name];
            }
            $named[] = $there[0];
        }

        return [$findings, $wish->withFindings($named)];
    }

    /**
     * Returns findings without those of $unused that came with a closure and were left as they came.
     *
     * @param array<string, Finding> $findings by name
     * @param array<string>          $unused   names of what nothing is made of any more
     *
     * @return array<string, Finding>
     */
    public function without(array $findings, array $unused): array
    {
        foreach ($unused as $name) {
            $finding = $findings[$name] ?? null;
            $came = null === $finding ? [] : array_map(
                static fn (Finding $one): string => $one->materialKey(),
                [Finding::usual($finding->kind), ...$this->there($finding->kind)],
            );
            if (\in_array($finding?->materialKey(), $came, true)) {
                unset($findings[$name]);
            }
        }

        return $findings;
    }

    /**
     * @return list<Finding> of one kind in stock
     */
    private function there(FindingKind $kind): array
    {
        $this->rows ??= $this->stock?->rows(Kind::Finding) ?? [];
        $there = [];
        foreach ($this->rows as $row) {
            $what = $row->counted()?->what;
            if ($what instanceof Finding && $kind === $what->kind) {
                $there[] = $what;
            }
        }

        return $there;
    }

    /**
     * @param list<string> $taken
     *
     * @return array{string, Finding}
     */
    private function new(FindingKind $kind, array $taken): array
    {
        $this->rows ??= $this->stock?->rows(Kind::Finding) ?? [];
        foreach ($this->rows as $row) {
            $what = $row->counted()?->what;
            if ($what instanceof Finding && $kind === $what->kind && 0 !== $what->stock) {
                return [self::free(self::called($row->stored) ?? $kind->value, $taken), $what->uncounted()];
            }
        }

        return [self::free($kind->value, $taken), Finding::usual($kind)];
    }

    /**
     * Returns the name of a thing in stock, where it can be one in a piece.
     */
    private static function called(StoredItem $stored): ?string
    {
        $name = mb_strtolower(trim(preg_replace('/[^\pL\d]+/u', '-', $stored->text('name')) ?? '', '-'));

        return Pattern::isName($name) ? $name : null;
    }

    /**
     * @param list<string> $taken
     */
    private static function free(string $name, array $taken): string
    {
        $free = $name;
        for ($i = 2; \in_array($free, $taken, true) || !Pattern::isName($free); ++$i) {
            $free = $name.'-'.$i;
        }

        return $free;
    }
}
