<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Role;
use App\Models\User;
use Gondrik\Core\Log\What;
use Gondrik\Core\Workbook\WorkbookList;

/** What a person may do in their own shop; other shops are out of reach by construction. */
final class ShopPolicy
{
    /** Every person of the shop sees its kits and scopes and what covers what; what tools cost, only who may export. */
    public function read(User $user): bool
    {
        return true;
    }

    /** The whole shop as one file, with what everything costs, is for those who set it up. */
    public function export(User $user): bool
    {
        return $user->role->maySetUpTheShop();
    }

    /**
     * Scopes, their lines, kits, and importing such. A lead and a coordinator may take back each other's changes: whoever sees
     * the mistake mends it, nothing that came after can be lost by it, and the history keeps who it was.
     */
    public function setUp(User $user): bool
    {
        return $user->role->maySetUpTheShop();
    }

    /** Wires, terminals, tools and house rules: what the whole shop is judged by is for its lead. */
    public function writeModels(User $user): bool
    {
        return $user->role === Role::Lead;
    }

    /**
     * Making a wire or terminal that the work wants: of a coordinator it is a proposal, which counts until the lead has looked at it.
     *
     * @param string $list of the workbook
     */
    public function proposeTo(User $user, string $list): bool
    {
        return in_array(WorkbookList::tryFrom($list), [WorkbookList::Wires, WorkbookList::Terminals], true) ? $this->setUp($user) : $this->writeList($user, $list);
    }

    /**
     * Writing down what has happened: whoever works with a thing takes it, brings it back and tells how it is, and whoever takes from the
     * shelf, counts or fills it says so; what was wrong or held back is set right by the lead. What a hand has practised, and how long it
     * took, it may write down itself.
     *
     * @param string      $what   as the log has it; what is none is told by the codec
     * @param string|null $person whom it is about, by their id, where it is about one
     */
    public function writeEntry(User $user, string $what, ?string $person = null): bool
    {
        $of = What::tryFrom($what);

        return match (true) {
            in_array($of, [What::Out, What::Back, What::Condition, What::Pull, What::Counted, What::Received, What::Used], true) => true,
            $of === What::Timed => $person === null || $this->seePerson($user, $person),
            $of === What::Practice => $person !== null && $this->seePerson($user, $person),
            $of?->setsRight() === true => $this->writeModels($user),
            default => $this->setUp($user),
        };
    }

    /**
     * What somebody can do and has practised: their own everybody sees, that of others who answers for the class or the tools.
     *
     * @param string $person by their id
     */
    public function seePerson(User $user, string $person): bool
    {
        return $this->setUp($user) || $user->personCode() === $person;
    }

    /** @param string $list of the workbook */
    public function writeList(User $user, string $list): bool
    {
        return WorkbookList::tryFrom($list)?->isOfModels() === false ? $this->setUp($user) : $this->writeModels($user);
    }
}
