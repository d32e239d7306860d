<?php

declare(strict_types=1);

namespace Rinkel\Core\Plan;

use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Ending;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Remark\Check;
use Rinkel\Core\Remark\Severity;
use Rinkel\Core\Work\ActKind;
use Rinkel\Core\Work\Finish;
use Rinkel\Core\Work\Habits;
use Rinkel\Core\Work\How;
use Rinkel\Core\Work\Sheet;

/**
 * How each cord's ends are secured: by what that cord is made of, and by whether it is tied off or stays as a tail.
 *
 * @internal
 */
final readonly class Finishing
{
    private const CODES = [
        'tail' => ['singe' => 'tail-singe', 'glue' => 'tail-glue'],
        'finish' => ['singe' => 'finish-singe', 'glue' => 'finish-glue'],
    ];

    public function __construct(
        private Sheet $sheet,
        private Habits $habits,
    ) {}

    /**
     * @return list<Check>
     */
    public function checks(): array
    {
        $said = ['tail' => [], 'finish' => []];
        foreach ($this->secured() as $role => [$how, $isTail]) {
            $said[$isTail ? 'tail' : 'finish'][How::Singe === $how ? 'singe' : 'glue'][] = $role;
        }
        $checks = [];
        foreach ($said as $part => $endings) {
            foreach ($endings as $ending => $roles) {
                $stays = 'tail' === $part ? ['end' => $this->habits->tailEnd()] : [];
                $checks[] = new Check(
                    self::CODES[$part][$ending],
                    Severity::Hint,
                    ['cords' => $roles] + $stays + $this->order($roles, $ending),
                );
            }
        }
        $singed = array_merge($said['tail']['singe'] ?? [], $said['finish']['singe'] ?? []);
        $charred = array_values(array_filter(
            array_merge($said['tail']['glue'] ?? [], $said['finish']['glue'] ?? []),
            fn (string $role): bool => Ending::Glue === $this->cord($role)?->fibre->ending(),
        ));

        return [] === $singed || [] === $charred ? $checks : [
            ...$checks,
            new Check('flame-beside', Severity::Warn, ['cords' => array_values(array_unique($charred))]),
        ];
    }

    /**
     * Returns whether anything of the piece comes near a flame, or any glue.
     */
    public function has(How $how): bool
    {
        foreach ($this->sheet->acts->all as $act) {
            if ($how === $act->care->how) {
                return true;
            }
        }

        return false;
    }

    /**
     * Returns what comes first where ends are glued, and whether these melt: then glue is the maker's own choice.
     *
     * @param list<string> $roles
     *
     * @return array<string, string>
     */
    private function order(array $roles, string $ending): array
    {
        $melting = array_filter(
            $roles,
            fn (string $role): bool => Ending::Singe === $this->cord($role)?->fibre->ending(),
        );

        return 'glue' === $ending ? [
            'first' => $this->habits->ends->gluing->value,
            'melt' => \count($melting) === \count($roles) ? 'yes' : 'no',
        ] : [];
    }

    /**
     * Returns how the ends of each cord are secured, and whether they stay as tails.
     *
     * @return array<string, array{How, bool}> by role
     */
    private function secured(): array
    {
        [$tails, $secured] = [[], []];
        foreach ($this->sheet->acts->all as $act) {
            $leaves = ($act->spot->sizes['leaves'] ?? Length::zero())->millimetres;
            foreach ($act->care->ends as $end) {
                $role = $end->cord->role;
                if (ActKind::Trim === $act->does && $leaves > Finish::STUB) {
                    $tails[$role] = true;
                } elseif (null !== $act->care->how && !$end->cord->material->fibre->isElastic()) {
                    $secured[$role] = $act->care->how;
                }
            }
        }
        $all = [];
        foreach ($secured as $role => $how) {
            $all[$role] = [$how, isset($tails[$role])];
        }

        return $all;
    }

    private function cord(string $role): ?Cord
    {
        foreach ($this->sheet->cords as $cord) {
            if ($role === $cord->role) {
                return $cord->material;
            }
        }

        return null;
    }
}
