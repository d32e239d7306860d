<?php

declare(strict_types=1);

namespace Rinkel\App\Table;

use Rinkel\Core\Arrangement\Arrangements;
use Rinkel\Core\Arrangement\BeadTray;
use Rinkel\Core\Arrangement\Laid;
use Rinkel\Core\Failure;
use Rinkel\Core\Geometry\RoundNet;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Message;
use Rinkel\Core\Pattern\Pattern;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Piece\PieceSpec;
use Rinkel\Core\Plan\Planner;

/**
 * Pieces that begin with something at hand: a name, a stone, beads in a tray.
 */
final readonly class Starts
{
    /** Cords of a net that nobody said otherwise of. */
    private const COLUMNS = 4;

    public function __construct(
        private PieceReader $reader,
        private Planner $planner,
    ) {}

    /**
     * Returns the piece from what was typed, its wearer as in $worn.
     *
     * @param array<string, string> $typed
     * @param array<string, mixed>  $worn  the document so far
     *
     * @throws PieceUnreadable If what it is to begin with cannot be read
     */
    public function piece(string $from, array $typed, array $worn): PieceSpec
    {
        return match ($from) {
            'spell' => $this->spelt(trim($typed['spell']), $worn),
            'stone' => $this->stone($typed['stone_length'], $typed['stone_width'], $worn),
            default => $this->tray($typed['tray'], $worn),
        };
    }

    /**
     * @param array<string, mixed> $worn
     */
    private function spelt(string $word, array $worn): PieceSpec
    {
        $word = mb_strtoupper(trim(preg_replace('/["\p{C}]+/u', '', $word) ?? ''));
        if ('' === $word || mb_strlen($word) > 20) {
            throw PieceUnreadable::at('spell', new Message('spell-wanted'));
        }

        return $this->reader->read([
            'construction' => 'stretch',
            'beads' => [
                'cube' => ['shape' => 'letter', 'diameter' => '7 mm', 'hole' => '2 mm', 'colour' => '#f1ece0'],
                'dot' => ['shape' => 'round', 'diameter' => '6 mm', 'hole' => '1.2 mm', 'colour' => '#3f6f8f'],
            ],
            'pattern' => '1 bead dot x fit, word "'.$word.'" of cube, mirror',
        ] + $worn);
    }

    /**
     * Returns a netted pouch that goes around the stone and holds it.
     *
     * @param array<string, mixed> $worn
     */
    private function stone(string $length, string $width, array $worn): PieceSpec
    {
        [$long, $wide] = [self::size('stone', $length), self::size('stone', $width)];
        $stone = Finding::of(FindingKind::Stone, $long, $wide);
        $net = RoundNet::around(self::COLUMNS, $stone->length, $stone->width->times(\M_PI));

        return $this->reader->read([
            'construction' => 'netted-pouch',
            'findings' => ['stone' => ['kind' => 'stone', 'length' => (string) $long, 'width' => (string) $wide]],
            'pattern' => \sprintf(
                'braid fit, 1 overhand, gap 12 mm, net %d every %s, focal lock, gap 12 mm, 1 overhand, braid fit',
                \count($net->rows),
                $net->rows[0],
            ),
        ] + $worn);
    }

    private static function size(string $field, string $text): Length
    {
        try {
            $length = Length::parse($text, Unit::Millimetre);
        } catch (Failure $failure) {
            throw PieceUnreadable::at($field, $failure->said());
        }

        return $length->isShorterThan(Length::ofMillimetres(5)) || $length->isLongerThan(Length::ofMillimetres(120))
            ? throw PieceUnreadable::at($field, new Message('stone-size')) : $length;
    }

    /**
     * Returns as many of the beads as fit, in the liveliest order there is.
     *
     * @param array<string, mixed> $worn
     */
    private function tray(string $text, array $worn): PieceSpec
    {
        try {
            $tray = BeadTray::parse($text);
        } catch (Failure $failure) {
            throw PieceUnreadable::at('tray', $failure->said());
        }
        $neck = isset($worn['length']);
        $run = '('.implode(
            ', ',
            array_map(static fn (int|string $name): string => '1 bead '.$name, array_keys($tray->beads)),
        ).') x fit';
        $wish = $this->reader->read([
            'construction' => $neck ? 'strung-beads' : 'stretch',
            'pattern' => $neck ? '1 barrel 3, '.$run.', 1 barrel 3' : $run,
        ] + $worn);
        $endless = array_map(
            static fn (Bead $bead): Bead => Bead::of($bead->shape, $bead->colour, $bead->measures->ownDiameter),
            $tray->beads,
        );
        $fitting = array_sum($this->planner->draft($wish->withBeads($endless))->setting->beads());
        $best = (new Arrangements($tray))->six($fitting, 1)[0] ?? null;
        if (null === $best) {
            throw PieceUnreadable::at('tray', new Message('tray-empty'));
        }
        $tree = $wish->pattern->tree ?? Pattern::parse($run, Unit::Millimetre);

        return $wish->withBeads($tray->beads)->withPattern(Laid::in($tree, $best->run()) ?? $tree);
    }
}
