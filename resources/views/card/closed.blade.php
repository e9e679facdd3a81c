<x-layout title="Link closed">
    <main class="door card">
        <h1>This link is closed</h1>
        <p>It has ended, was revoked, or is incomplete. Ask the workshop that set up your rig for a new one.</p>
    </main>
</x-layout>
