<?php

declare(strict_types=1);

namespace Rinkel\Core\Plan;

use Rinkel\Core\Closure\Wished;
use Rinkel\Core\Construction\Draft;
use Rinkel\Core\Construction\Leg;
use Rinkel\Core\Construction\Role;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Ending;
use Rinkel\Core\Remark\Check;
use Rinkel\Core\Remark\Severity;

/**
 * How each cord's ends are secured: by what that cord is made of, and by whether it is tied off or stays as a tail.
 */
final readonly class Finishing
{
    private const CODES = [
        'tail' => ['singe' => 'tail-singe', 'glue' => 'tail-glue'],
        'finish' => ['singe' => 'finish-singe', 'glue' => 'finish-glue'],
    ];

    public function __construct(private Draft $draft) {}

    /**
     * @return list<Check>
     */
    public function checks(): array
    {
        $said = ['tail' => [], 'finish' => []];
        foreach ($this->cords() as $role => [$cord, $isTail]) {
            if (!$cord->fibre->isElastic()) {
                $said[$isTail ? 'tail' : 'finish'][$this->draft->piece->habits->ending($cord->fibre)->value][] = $role;
            }
        }
        $checks = [];
        foreach ($said as $part => $endings) {
            foreach ($endings as $ending => $roles) {
                $stays = 'tail' === $part ? ['end' => $this->draft->piece->habits->tailEnd()] : [];
                $checks[] = new Check(
                    self::CODES[$part][$ending],
                    Severity::Hint,
                    ['cords' => $roles] + $stays + $this->order($roles, $ending),
                );
            }
        }
        $singed = array_merge($said['tail'][Ending::Singe->value] ?? [], $said['finish'][Ending::Singe->value] ?? []);
        $charred = array_values(array_filter(
            array_merge($said['tail'][Ending::Glue->value] ?? [], $said['finish'][Ending::Glue->value] ?? []),
            fn (string $role): bool => Ending::Glue === $this->cords()[$role][0]->fibre->ending(),
        ));

        return [] === $singed || [] === $charred ? $checks : [
            ...$checks,
            new Check('flame-beside', Severity::Warn, ['cords' => array_values(array_unique($charred))]),
        ];
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
        $cords = array_intersect_key($this->cords(), array_flip($roles));
        $melting = array_filter(
            $cords,
            static fn (array $cord): bool => Ending::Singe === $cord[0]->fibre->ending(),
        );

        return Ending::Glue->value === $ending ? [
            'first' => $this->draft->piece->habits->gluing->value,
            'melt' => \count($melting) === \count($cords) ? 'yes' : 'no',
        ] : [];
    }

    /**
     * Returns how the ends of any cord are secured.
     *
     * @return list<Ending>
     */
    public function endings(): array
    {
        $endings = [];
        foreach ($this->cords() as [$cord]) {
            $ending = $this->draft->piece->habits->ending($cord->fibre);
            $endings[$ending->value] = $ending;
        }

        return array_values($endings);
    }

    /**
     * Returns how the ends of each cord are secured, in the order in which the cords are cut.
     *
     * @return list<CordEnd>
     */
    public function ends(): array
    {
        $ends = [];
        foreach ($this->cords() as $role => [$cord, $isTail, $carries]) {
            $ends[] = new CordEnd(
                (string) $role,
                $cord,
                $carries,
                $isTail,
                $cord->fibre->isElastic() ? null : $this->draft->piece->habits->ending($cord->fibre),
                $this->draft->piece->habits->gluing,
            );
        }

        return $ends;
    }

    /**
     * Returns the cords of the piece, and whether their ends stay as tails.
     *
     * @return array<string, array{Cord, bool, bool}> by role, and whether the closure is made of it
     */
    private function cords(): array
    {
        $asks = $this->draft->fastened->kind->asks();
        $hasTails = $this->draft->fastened->kind->slides() || \in_array(Wished::Tail, $asks, true);
        $cords = [];
        foreach ($this->draft->construction->roles($this->draft) as $role) {
            $cords[$role->name] = [
                $this->draft->piece->cord($role->name)->cord,
                $hasTails && self::carries($role),
                self::carries($role),
            ];
        }
        if (null !== $this->draft->fastened->own) {
            $ends = $this->draft->construction->ends($this->draft->piece)->cord;
            $cords['slider'] = [$this->draft->piece->sliderCord() ?? $ends, false, false];
        }

        return $cords;
    }

    private static function carries(Role $role): bool
    {
        return [] !== array_filter($role->legs, static fn (Leg $leg): bool => $leg->opens || $leg->closes);
    }
}
