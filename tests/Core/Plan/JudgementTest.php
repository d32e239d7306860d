<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Plan;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Plan\Planner;
use Rinkel\Core\Remark\Check;
use Rinkel\Core\Remark\Severity;
use Rinkel\Tests\Core\Examples;

final class JudgementTest extends TestCase
{
    /**
     * @param array<string, mixed> $triggering
     * @param array<string, mixed> $justNot
     */
    #[DataProvider('provideChecks')]
    public function testChecks(
        string $code,
        Severity $severity,
        string $construction,
        array $triggering,
        array $justNot,
    ): void {
        [$with, $without] = 'plain' === $construction ? [Examples::plan($triggering), Examples::plan($justNot)] : [
            Examples::planOf($construction, $triggering),
            Examples::planOf($construction, $justNot),
        ];

        self::assertSame($severity, Examples::check($with, $code)?->severity);
        self::assertNull(Examples::check($without, $code));
    }

    /**
     * @return iterable<string, array{string, Severity, string, array<string, mixed>, array<string, mixed>}>
     */
    public static function provideChecks(): iterable
    {
        $finding = static fn (string $kind, array $sizes): array => [
            'findings.it' => ['kind' => $kind] + $sizes,
            'closure.findings' => ['it'],
        ];
        $clasp = ['closure.kind' => 'clasp'];
        $button = ['closure.kind' => 'button-loop'];
        yield 'no hand said' => ['tension-unsaid', Severity::Hint, 'plain', [], ['tension' => 'even']];
        yield 'a sample says it' => [
            'tension-unsaid',
            Severity::Hint,
            'plain',
            ['pattern' => '20 half left'],
            ['pattern' => '20 half left', 'samples' => ['half left' => ['pitch' => '1.3 mm', 'use' => '8 mm']]],
        ];
        $dots = ['beads.dot' => ['diameter' => '14 mm', 'hole' => '2.4 mm'], 'closure' => ['kind' => 'clasp']];
        yield 'a coarse repeat' => [
            'repeat-coarse',
            Severity::Hint,
            'plain',
            $dots + ['pattern' => '2 square, (1 bead dot, 3 square) x fit, 2 square'],
            $dots + ['pattern' => '2 square fill, (1 bead dot, 3 square) x fit, 2 square fill'],
        ];
        yield 'far from what was asked' => [
            'length-not-reached',
            Severity::Stop,
            'plain',
            $dots + ['length' => '24 cm', 'pattern' => '60 square'],
            $dots + ['length' => '20.5 cm', 'pattern' => '60 square'],
        ];
        yield 'fixed gaps' => [
            'gaps-are-fixed',
            Severity::Warn,
            'strung-beads',
            ['pattern' => '1 bead stone, gap 20 mm, 1 bead stone', 'beads.stone' => ['diameter' => '10 mm', 'hole' => '2 mm']],
            ['pattern' => '1 bead stone, gap fit, 1 bead stone', 'beads.stone' => ['diameter' => '10 mm', 'hole' => '2 mm']],
        ];
        $two = ['beads.round' => ['diameter' => '8 mm'], 'beads.dark' => ['diameter' => '8 mm', 'colour' => '#223344']];
        yield 'two alike at the seam' => [
            'seam-alike',
            Severity::Hint,
            'stretch',
            $two + ['pattern' => '12 bead round dark, 1 bead round'],
            $two + ['pattern' => '12 bead round dark, 1 bead round, 1 bead dark'],
        ];
        $hung = ['pattern' => '1 square x fit, focal it, mirror'];
        yield 'a narrow connector' => [
            'connector-too-narrow',
            Severity::Stop,
            'plain',
            $hung + ['findings.it' => ['kind' => 'connector', 'length' => '10 mm', 'width' => '6 mm', 'inside' => '1.5 mm']],
            $hung + ['findings.it' => ['kind' => 'connector', 'length' => '10 mm', 'width' => '6 mm', 'inside' => '3 mm']],
        ];
        yield 'a narrow shank' => [
            'shank-too-small',
            Severity::Stop,
            'plain',
            $button + $finding('button', ['length' => '12 mm', 'inside' => '1.8 mm']),
            $button + $finding('button', ['length' => '12 mm', 'inside' => '2 mm']),
        ];
        // Band of 1 mm cord: 2.79 mm a knot; inside = 2.79 n + 11.16 - 3 pi, wished 172.7: 61 knots fit, 62 do not.
        yield 'band too long' => [
            'band-too-long', Severity::Stop, 'plain', ['pattern' => '63 square'], ['pattern' => '62 square'],
        ];
        // 56 knots: open = 156.24 + 2 T - 11.16 - 3 pi: 200 needs T of 32.18.
        yield 'cannot open' => [
            'cannot-open', Severity::Stop, 'plain', ['pattern' => '56 square', 'closure.tail' => '32 mm'],
            ['pattern' => '56 square', 'closure.tail' => '32.3 mm'],
        ];
        yield 'fixed counts short of a wider wrist' => [
            'counts-are-fixed', Severity::Warn, 'plain', ['pattern' => '56 square', 'wearer.girth' => '20 cm'],
            ['pattern' => '1 square x fit', 'wearer.girth' => '20 cm'],
        ];
        yield 'fixed counts that fit' => [
            'counts-are-fixed', Severity::Warn, 'stretch', ['pattern' => '12 bead round, 2 bead round'],
            ['pattern' => '12 bead round, 12 bead round'],
        ];
        yield 'few slider knots' => [
            'slider-few-knots', Severity::Warn, 'plain', ['closure.knots' => 1], ['closure.knots' => 4],
        ];
        yield 'two slider knots' => [
            'slider-few-knots', Severity::Hint, 'plain', ['closure.knots' => 2], ['closure.knots' => 4],
        ];
        yield 'tails that melt' => ['tail-singe', Severity::Hint, 'plain', [], ['cords.core.fibre' => 'leather']];
        yield 'tails that char' => ['tail-glue', Severity::Hint, 'plain', ['cords.core.fibre' => 'leather'], []];
        yield 'a flame beside leather' => ['flame-beside', Severity::Warn, 'plain', ['cords.core.fibre' => 'leather'], []];
        $heavy = ['cords.cord' => ['fibre' => 'elastic-clear', 'thickness' => '0.6 mm']];
        yield 'heavy beads' => [
            'too-heavy',
            Severity::Warn,
            'stretch',
            $heavy + ['beads.round' => ['diameter' => '12 mm', 'hole' => '1 mm', 'material' => 'stone']],
            $heavy + ['beads.round' => ['diameter' => '12 mm', 'hole' => '1 mm', 'material' => 'wood']],
        ];
        yield 'a small crimp cover' => [
            'crimp-too-small',
            Severity::Warn,
            'stretch',
            ['findings.cover' => ['kind' => 'crimp-cover', 'inside' => '1.5 mm']],
            ['findings.cover' => ['kind' => 'crimp-cover', 'inside' => '3 mm']],
        ];
        yield 'magnets for a child' => [
            'magnets-for-a-child', Severity::Stop, 'knotted-strands',
            ['forChild' => true, 'closure.kind' => 'magnetic'], ['forChild' => true, 'closure.kind' => 'clasp'],
        ];
        yield 'a breakaway for a child' => [
            'child-needs-breakaway',
            Severity::Stop,
            'strung-beads',
            ['wearer' => ['place' => 'neck', 'girth' => '30 cm'], 'length' => '38 cm', 'forChild' => true],
            [
                'wearer' => ['place' => 'neck', 'girth' => '30 cm'], 'length' => '38 cm', 'forChild' => true,
                'closure' => ['kind' => 'breakaway'],
            ],
        ];
        yield 'an assumed hole' => [
            'cord-does-not-pass',
            Severity::Warn,
            'plain',
            ['beads.dot' => ['diameter' => '8 mm'], 'pattern' => '1 bead dot, 2 square'],
            ['beads.dot' => ['diameter' => '8 mm', 'hole' => '2 mm'], 'pattern' => '1 bead dot, 2 square'],
        ];
        yield 'glue on a slider' => ['slider-glued', Severity::Stop, 'plain', ['closure.glued' => true], []];
        yield 'hand estimated' => ['hand-estimated', Severity::Hint, 'plain', ['wearer.hand' => null], []];
        yield 'no hand needed' => [
            'hand-estimated',
            Severity::Hint,
            'plain',
            ['wearer.hand' => null],
            ['wearer.hand' => null] + $clasp,
        ];
        yield 'melting fibre' => [
            'finish-singe', Severity::Hint, 'plain', ['cords.working.fibre' => 'nylon'],
            ['cords.working.fibre' => 'linen'],
        ];
        yield 'natural fibre' => [
            'finish-glue', Severity::Hint, 'plain', ['cords.working.fibre' => 'hemp'],
            ['cords.working.fibre' => 'satin'],
        ];
        yield 'flame' => [
            'open-flame', Severity::Caution, 'plain', [],
            ['cords.working.fibre' => 'leather', 'cords.core.fibre' => 'leather'],
        ];
        yield 'varnish' => [
            'varnish-fumes', Severity::Caution, 'plain',
            ['cords.working.fibre' => 'cotton', 'habits.sealing' => 'varnish'],
            ['cords.working.fibre' => 'cotton'],
        ];
        yield 'glue' => ['glue-fumes', Severity::Caution, 'plain', ['cords.working.fibre' => 'cotton'], []];
        // A 4 mm bead, two passes of 1 mm polyester: 2 mm less 5 %.
        yield 'cord too thick' => [
            'cord-does-not-pass',
            Severity::Stop,
            'plain',
            ['beads.dot' => ['diameter' => '4 mm', 'hole' => '1.89 mm'], 'pattern' => '1 bead dot, 2 square'],
            ['beads.dot' => ['diameter' => '4 mm', 'hole' => '1.91 mm'], 'pattern' => '1 bead dot, 2 square'],
        ];
        yield 'beads run out' => [
            'beads-run-out',
            Severity::Warn,
            'stretch',
            ['beads.dot' => ['diameter' => '8 mm', 'stock' => 24]],
            ['beads.dot' => ['diameter' => '8 mm', 'stock' => 25]],
        ];
        yield 'off the middle' => [
            'not-symmetric', Severity::Hint, 'single-focal', ['pattern' => 'gap 20 mm, focal stone, gap fit'], [],
        ];
        yield 'glue frosts glass' => [
            'instant-glue-near-glass',
            Severity::Warn,
            'stretch',
            ['instantGlue' => true, 'beads.dot' => ['glass' => true]],
            ['instantGlue' => true, 'beads.dot' => ['glass' => false, 'material' => 'wood']],
        ];
        yield 'glue frosts what is of glass, wherever that was said' => [
            'instant-glue-near-glass',
            Severity::Warn,
            'stretch',
            ['instantGlue' => true, 'beads.dot' => ['material' => 'glass']],
            ['instantGlue' => true, 'beads.dot' => ['material' => 'stone']],
        ];
        yield 'a child\'s necklace' => [
            'child-needs-breakaway',
            Severity::Stop,
            'strung-beads',
            ['forChild' => true, 'wearer' => ['place' => 'neck', 'girth' => '33 cm']],
            ['forChild' => true],
        ];
        yield 'delicate leather' => [
            'leather-delicate',
            Severity::Hint,
            'single-focal',
            ['cords.cord' => ['fibre' => 'leather', 'thickness' => '1 mm']],
            ['cords.cord' => ['fibre' => 'leather', 'thickness' => '1.1 mm']],
        ];
        yield 'thin leather' => [
            'leather-too-thin',
            Severity::Warn,
            'single-focal',
            ['cords.cord' => ['fibre' => 'leather', 'thickness' => '0.45 mm']],
            ['cords.cord' => ['fibre' => 'leather', 'thickness' => '0.5 mm']],
        ];
        // A barrel is 3.15 cords wide.
        yield 'a knot slips into the bead' => [
            'knot-slips-through',
            Severity::Warn,
            'single-focal',
            ['beads.stone' => ['diameter' => '9 mm', 'hole' => '3.2 mm']],
            ['beads.stone' => ['diameter' => '9 mm', 'hole' => '3.1 mm']],
        ];
        // An overhand in 1 mm leather is 3.1 mm wide.
        yield 'beads no thicker than knots' => [
            'beads-do-not-nest',
            Severity::Hint,
            'knotted-strands',
            ['beads.dot' => ['diameter' => '3.1 mm', 'hole' => '1.2 mm']],
            ['beads.dot' => ['diameter' => '3.2 mm', 'hole' => '1.2 mm']],
        ];
        yield 'a pair without work' => [
            'pair-never-works', Severity::Warn, 'stacked-band', ['pattern' => '3 square in first'], [],
        ];
        yield 'cores that fold' => [
            'odd-core-folds',
            Severity::Hint,
            'plain',
            [
                'cords.core.count' => 3, 'findings.it' => ['kind' => 'connector', 'width' => '10 mm'],
                'pattern' => '1 square x fit, focal it, mirror',
            ],
            [
                'cords.core.count' => 4, 'findings.it' => ['kind' => 'connector', 'width' => '10 mm'],
                'pattern' => '1 square x fit, focal it, mirror',
            ],
        ];
        yield 'no elastic' => ['not-elastic', Severity::Stop, 'stretch', ['cords.cord' => ['fibre' => 'nylon']], []];
        yield 'slippery elastic' => [
            'clear-elastic-wants-glue',
            Severity::Warn,
            'stretch',
            ['cords.cord' => ['fibre' => 'elastic-clear', 'thickness' => '0.7 mm']],
            [
                'cords.cord' => ['fibre' => 'elastic-clear', 'thickness' => '0.7 mm'],
                'closure' => ['kind' => 'elastic', 'glued' => true],
            ],
        ];
        // An overhand in 0.7 mm elastic is 2.17 mm wide.
        yield 'a knot that shows' => [
            'knot-will-not-hide',
            Severity::Hint,
            'stretch',
            ['beads.dot' => ['diameter' => '8 mm', 'hole' => '2.1 mm']],
            ['beads.dot' => ['diameter' => '8 mm', 'hole' => '2.2 mm']],
        ];
        yield 'a wide hole away from the knot' => [
            'hole-not-at-knot',
            Severity::Hint,
            'stretch',
            [
                'beads.dot' => ['diameter' => '8 mm', 'hole' => '1 mm'],
                'beads.cask' => ['diameter' => '8 mm', 'hole' => '3 mm'],
                'pattern' => '10 bead dot, 1 bead cask, 10 bead dot',
            ],
            [
                'beads.dot' => ['diameter' => '8 mm', 'hole' => '1 mm'],
                'beads.cask' => ['diameter' => '8 mm', 'hole' => '3 mm'], 'pattern' => '20 bead dot, 1 bead cask',
            ],
        ];
        yield 'a charm that hangs nowhere' => [
            'finding-unplaced',
            Severity::Warn,
            'plain',
            ['findings.it' => ['kind' => 'charm'], 'pattern' => '1 square x fit, mirror'],
            ['findings.it' => ['kind' => 'charm'], 'pattern' => '1 square x fit, hang it, mirror'],
        ];
        yield 'a ring that closes nothing' => [
            'finding-unplaced',
            Severity::Warn,
            'plain',
            ['findings' => ['it' => ['kind' => 'ring'], 'catch' => []], 'closure.findings' => ['catch']] + $clasp,
            ['findings' => ['it' => ['kind' => 'ring'], 'catch' => []], 'closure.findings' => ['catch', 'it']] + $clasp,
        ];
        yield 'nothing to press an end on' => [
            'end-on-fold',
            Severity::Stop,
            'plain',
            [
                'findings' => ['cap' => ['kind' => 'cord-end', 'inside' => '9 mm'], 'hook' => ['kind' => 'hook']],
                'closure.findings' => ['cap', 'hook'],
                'cords.core.run' => 'folded',
            ] + $clasp,
            [
                'findings' => ['cap' => ['kind' => 'cord-end', 'inside' => '9 mm'], 'hook' => ['kind' => 'hook']],
                'closure.findings' => ['cap', 'hook'],
            ] + $clasp,
        ];
        yield 'a wave that opens the loop' => [
            'wave-loop-open', Severity::Warn, 'wave-band', ['pattern' => '(wave 4 round / seed, 2 square) x fit'],
            ['pattern' => '2 square, (wave 4 round / seed, 2 square) x fit'],
        ];
        yield 'or a crimp cover' => [
            'knot-will-not-hide',
            Severity::Hint,
            'stretch',
            [],
            ['findings.it' => ['kind' => 'crimp-cover']],
        ];
        yield 'colours that do not close' => [
            'repeat-does-not-close',
            Severity::Warn,
            'stretch',
            ['beads' => ['a' => [], 'b' => []], 'pattern' => '25 bead a b'],
            ['beads' => ['a' => [], 'b' => []], 'pattern' => '26 bead a b'],
        ];
        // 25 beads of 8 mm are 174.9 mm inside: at most 35 %, 236.1.
        yield 'over-stretched' => [
            'elastic-over-stretched', Severity::Stop, 'stretch',
            ['wearer.hand' => '235 mm', 'pattern' => '25 bead round'],
            ['wearer.hand' => '234 mm', 'pattern' => '25 bead round'],
        ];
        yield 'too tight' => [
            'fit-too-tight', Severity::Warn, 'stretch', ['pattern' => '24 bead round'],
            ['pattern' => '25 bead round'],
        ];
        yield 'too loose' => [
            'fit-too-loose', Severity::Warn, 'stretch', ['pattern' => '28 bead round'],
            ['pattern' => '27 bead round'],
        ];
        // The usual button is 12 by 3 mm: 30 around, 31.8 with ease, 39.75 too much.
        yield 'loop too small' => [
            'loop-too-small',
            Severity::Stop,
            'plain',
            ['closure.tail' => '14.9 mm'] + $button,
            ['closure.tail' => '15 mm'] + $button,
        ];
        yield 'loop too large' => [
            'loop-too-large',
            Severity::Warn,
            'plain',
            ['closure.tail' => '20 mm'] + $button,
            ['closure.tail' => '19.8 mm'] + $button,
        ];
        yield 'toggle slips' => [
            'toggle-slips',
            Severity::Stop,
            'plain',
            $clasp + $finding('toggle', ['width' => '10 mm', 'inside' => '10 mm']),
            $clasp + $finding('toggle', ['width' => '10.5 mm', 'inside' => '10 mm']),
        ];
        yield 'toggle stuck' => [
            'toggle-cannot-pass',
            Severity::Stop,
            'plain',
            $clasp + $finding('toggle', ['width' => '20.5 mm', 'inside' => '10 mm']),
            $clasp + $finding('toggle', ['width' => '20 mm', 'inside' => '10 mm']),
        ];
        yield 'toggle wants room' => [
            'toggle-slim',
            Severity::Hint,
            'plain',
            $clasp + $finding('toggle', ['width' => '15 mm', 'inside' => '10 mm']),
            $clasp,
        ];
        yield 'end too small' => [
            'end-too-small',
            Severity::Stop,
            'plain',
            $clasp + $finding('fold-over-end', ['inside' => '1.9 mm']),
            $clasp + $finding('fold-over-end', ['inside' => '2 mm']),
        ];
        yield 'slide bead too tight' => [
            'slide-bead-too-tight',
            Severity::Stop,
            'single-focal',
            ['closure.kind' => 'slide-bead'] + $finding('slide-bead', ['inside' => '1.8 mm']),
            ['closure.kind' => 'slide-bead'] + $finding('slide-bead', ['inside' => '2 mm']),
        ];
        yield 'slide bead slips' => [
            'slide-bead-slips',
            Severity::Warn,
            'single-focal',
            ['closure.kind' => 'slide-bead'] + $finding('slide-bead', ['inside' => '2.2 mm']),
            ['closure.kind' => 'slide-bead'] + $finding('slide-bead', ['inside' => '2 mm']),
        ];
        // An overhand in 1 mm leather is 3.1 mm thick.
        yield 'stop knots slip into the slide bead' => [
            'stop-slips-through',
            Severity::Warn,
            'single-focal',
            ['closure.kind' => 'slide-bead'] + $finding('slide-bead', ['inside' => '3.2 mm']),
            ['closure.kind' => 'slide-bead'] + $finding('slide-bead', ['inside' => '2 mm']),
        ];
        yield 'letters missing' => [
            'letters-missing',
            Severity::Warn,
            'stretch',
            ['beads.cube' => ['shape' => 'letter', 'letters' => 'MIL'], 'pattern' => 'word "MILA" of cube'],
            ['beads.cube' => ['shape' => 'letter', 'letters' => 'MILA'], 'pattern' => 'word "MILA" of cube'],
        ];
        yield 'folded cores have no tails' => [
            'folded-has-no-end', Severity::Stop, 'square-knot-band', ['cords.core.run' => 'folded'],
            ['cords.core.run' => 'apart'],
        ];
        yield 'ends do not hold' => [
            'ends-do-not-hold',
            Severity::Stop,
            'square-knot-band',
            ['closure' => ['kind' => 'two-ends', 'start' => 'button', 'finish' => 'ties']],
            ['closure' => ['kind' => 'two-ends', 'start' => 'loop', 'finish' => 'ties']],
        ];
        yield 'magnet too small' => [
            'magnet-too-small',
            Severity::Stop,
            'knotted-strands',
            ['closure.kind' => 'magnetic'] + $finding('magnet', ['inside' => '1.9 mm']),
            ['closure.kind' => 'magnetic'] + $finding('magnet', ['inside' => '2 mm']),
        ];
        $strand = 'gap fit, 1 overhand, 9 bead stone, 1 overhand, gap fit';
        $stone = ['wearer.place' => 'neck', 'wearer.girth' => '36 cm', 'length' => '42 cm']
            + ['beads.stone' => ['diameter' => '9 mm', 'hole' => '2 mm']];
        yield 'a strand of beads that come to another length' => [
            'strand-hangs-otherwise',
            Severity::Hint,
            'layered-strands',
            $stone + ['pattern' => $strand.', below 3 cm (1 bead stone x 48)'],
            $stone + ['pattern' => $strand.', below 3 cm (gap fit, 1 bead stone x 40, gap fit)'],
        ];
        $moss = $stone + ['cords.cord' => ['thickness' => '0.8 mm'], 'cords.moss' => ['thickness' => '0.8 mm']];
        yield 'strands around a wrist' => [
            'strands-hang-from-neck', Severity::Warn, 'layered-strands', ['wearer.girth' => '28 cm'],
            ['wearer.girth' => '28 cm', 'wearer.place' => 'neck'],
        ];
        yield 'a cord that nothing is made with' => [
            'cord-idle',
            Severity::Warn,
            'layered-strands',
            $moss + ['pattern' => $strand.', below 3 cm ('.$strand.')'],
            $moss + ['pattern' => $strand.', below 3 cm in moss ('.$strand.')'],
        ];
        yield 'magnets' => ['magnets', Severity::Caution, 'knotted-strands', ['closure.kind' => 'magnetic'], []];
        yield 'short ties' => [
            'ties-too-short', Severity::Stop, 'plain', ['closure.kind' => 'ties', 'closure.tail' => '50 mm'],
            ['closure.kind' => 'ties', 'closure.tail' => '51 mm'],
        ];
        yield 'rows' => [
            'rows-two-to-five',
            Severity::Warn,
            'multi-row',
            ['cords.core' => ['count' => 6]],
            ['cords.core' => ['count' => 5]],
        ];
        yield 'many seed beads' => [
            'wave-seeds-bulge', Severity::Hint, 'wave-band', ['pattern' => 'wave 4 round / 5 seed'],
            ['pattern' => 'wave 4 round / 4 seed'],
        ];
        yield 'few seed beads' => [
            'wave-seeds-bare', Severity::Hint, 'wave-band', ['pattern' => 'wave 4 round / 3 seed'],
            ['pattern' => 'wave 4 round / seed'],
        ];
        yield 'no middle link' => [
            'chain-no-middle', Severity::Hint, 'laced-chain', ['pattern' => '24 link chain'],
            ['pattern' => '25 link chain'],
        ];
        yield 'short chain' => [
            'chain-too-short',
            Severity::Warn,
            'laced-chain',
            [
                'pattern' => '25 link chain',
                'findings.chain' => [
                    'kind' => 'link', 'length' => '9 mm', 'width' => '7 mm', 'inside' => '4.5 mm', 'stock' => 24,
                ],
            ],
            [
                'pattern' => '25 link chain',
                'findings.chain' => [
                    'kind' => 'link', 'length' => '9 mm', 'width' => '7 mm', 'inside' => '4.5 mm', 'stock' => 25,
                ],
            ],
        ];
        yield 'lace too thick' => [
            'lace-does-not-pass',
            Severity::Stop,
            'laced-chain',
            ['cords.lace' => ['fibre' => 'leather', 'thickness' => '4.7 mm']],
            ['cords.lace' => ['fibre' => 'leather', 'thickness' => '4.5 mm']],
        ];
        yield 'too many ropes' => [
            'ropes-do-not-lie-flat',
            Severity::Warn,
            'rope-knot',
            ['cords.rope' => ['count' => 5, 'thickness' => '2 mm']],
            ['cords.rope' => ['count' => 4, 'thickness' => '2 mm']],
        ];
        yield 'knot too long' => [
            'knot-longer-than-band',
            Severity::Stop,
            'rope-knot',
            ['wearer.girth' => '120 mm', 'cords.rope' => ['count' => 5, 'thickness' => '12 mm']],
            ['cords.rope' => ['count' => 2, 'thickness' => '9 mm']],
        ];
        $stone = static fn (string $width, string $length = '28 mm'): array => [
            'findings.stone' => ['kind' => 'stone', 'length' => $length, 'width' => $width],
        ];
        // Four columns every 12 mm open to 96 mm: 30.5 mm across. A mesh lets 48 mm through: 15.3 mm across.
        yield 'stone too large' => [
            'stone-does-not-enter',
            Severity::Stop,
            'netted-pouch',
            $stone('30.6 mm'),
            $stone('30.5 mm'),
        ];
        yield 'stone too small' => [
            'stone-falls-out',
            Severity::Stop,
            'netted-pouch',
            $stone('15.2 mm'),
            $stone('15.4 mm'),
        ];
        yield 'pouch too shallow' => [
            'pouch-too-shallow',
            Severity::Stop,
            'netted-pouch',
            $stone('18 mm', '48 mm'),
            $stone('18 mm', '45 mm'),
        ];
        $lock = static fn (string $hole): array => [
            'beads.lock' => ['shape' => 'round', 'diameter' => '14 mm', 'hole' => $hole],
        ];
        yield 'a lock bead over its knots' => [
            'lock-stops-at-knots',
            Severity::Warn,
            'netted-pouch',
            $lock('6.5 mm'),
            $lock('7.5 mm'),
        ];
        yield 'a lock bead over the net' => [
            'lock-slips-over-net',
            Severity::Warn,
            'netted-pouch',
            $lock('11 mm'),
            $lock('7.5 mm'),
        ];
        yield 'a necklace catches' => [
            'necklace-catches',
            Severity::Caution,
            'strung-beads',
            ['wearer' => ['place' => 'neck', 'girth' => '33 cm']],
            [],
        ];
        yield 'over the head' => [
            'elastic-over-stretched',
            Severity::Stop,
            'stretch',
            ['wearer' => ['place' => 'neck', 'girth' => '34 cm', 'hand' => '56 cm'], 'length' => '43 cm'],
            ['wearer' => ['place' => 'neck', 'girth' => '34 cm', 'hand' => '56 cm'], 'length' => '45 cm'],
        ];
        yield 'nickel' => [
            'nickel',
            Severity::Caution,
            'plain',
            ['pattern' => '6 square, focal it, 6 square', 'findings.it' => ['kind' => 'connector']],
            ['findings.it' => ['kind' => 'connector']],
        ];
    }

    public function testSafetyIsAlwaysSaid(): void
    {
        foreach (Examples::shipped() as $name => $piece) {
            self::assertNotNull(Examples::check((new Planner())->plan($piece), 'small-parts'), $name);
        }
    }

    public function testTheWorstCheckComesFirst(): void
    {
        $plan = Examples::plan(['closure.knots' => 2, 'closure.tail' => '15 mm', 'wearer.hand' => null]);
        $order = array_map(
            static fn (Check $check): int => (int) array_search($check->severity, Severity::cases(), true),
            $plan->checks,
        );
        $sorted = $order;
        sort($sorted);

        self::assertSame($sorted, $order);
        self::assertSame(Severity::Stop, $plan->worst());
    }

    public function testRemediesSettleTheirChecks(): void
    {
        foreach ([
            ['pattern' => '90 square'], ['pattern' => '(1 square) x 90'], ['closure.tail' => '15 mm'],
            ['closure.knots' => 1], ['closure.kind' => 'ties', 'closure.tail' => '20 mm'],
        ] as $changes) {
            $plan = Examples::plan($changes);
            $settled = 0;
            foreach ($plan->checks as $check) {
                if (null !== $check->remedy) {
                    $value = $check->remedy->value;
                    $after = Examples::plan(
                        [$check->remedy->path => $value instanceof Length ? (string) $value : $value] + $changes,
                    );
                    self::assertNull(Examples::check($after, $check->code), $check->code);
                    ++$settled;
                }
            }
            self::assertGreaterThan(0, $settled, (string) json_encode($changes));
        }
    }
}
