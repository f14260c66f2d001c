<script lang="ts">
    import ErrorLine from '@/components/ErrorLine.svelte';
    import PersonForm from '@/components/house/PersonForm.svelte';
    import Tablets from '@/components/house/Tablets.svelte';
    import { Act } from '@/lib/act.svelte';
    import { route } from '@/lib/address';
    import type { PeopleProps, PersonLine } from '@/lib/props';

    const { people, skills, shopRate, shopHours, needsSecondFactor, tablets, withCode }: PeopleProps = $props();

    const act = new Act();

    const active = $derived(people.filter((person) => person.active));
    const missing = $derived(skills.filter((skill) => !active.some((person) => person.skills.includes(skill))));
    const newcomer: PersonLine = $derived({
        id: 0,
        name: '',
        email: null,
        skills: [],
        speeds: {},
        active: true,
        version: 0,
        role: 'maker',
        signsIn: false,
        rate: '',
        ownHours: false,
        hasSecond: false,
        hours: shopHours,
        minutesAWeek: 0,
        daysOff: [],
    });
</script>

<svelte:head><title>People · Regimen</title></svelte:head>

<h1>
    {missing.length > 0
        ? `Nobody has the skill ${missing.join(', ')}`
        : `${active.length === 1 ? 'One person works' : `${active.length} people work`} here`}
</h1>
<p class="quiet">
    {missing.length > 0
        ? 'Operations that need it cannot be planned until somebody has it.'
        : 'Every skill has somebody. Skills and hours decide what the plan gives to whom.'}
</p>

<ul class="mt-4 mb-6">
    {#each people as person (person.id)}
        <li class="border-t border-t-rule py-2"><PersonForm {person} {skills} {shopRate} {shopHours} /></li>
    {/each}
</ul>

<section class="sheet">
    <h2>Add a person</h2>
    {#key people.length}
        <PersonForm person={newcomer} {skills} {shopRate} {shopHours} />
    {/key}
</section>

<Tablets {tablets} {withCode} people={active} />

<section class="sheet mt-[1.3rem]">
    <h2>Second factor</h2>
    <p class="quiet small">
        Codes from a phone beside the password. Everybody sets them up under their own name, above.
    </p>
    <label
        ><input
            type="checkbox"
            checked={needsSecondFactor}
            onchange={(event) =>
                act.send('put', route('people.require-second'), { needed: event.currentTarget.checked })}
        /> ask everybody for a second factor</label
    >
    <ErrorLine text={act.other()} />
</section>
