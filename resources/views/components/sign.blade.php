<svg viewBox="0 0 32 32" fill="none" stroke="currentColor" stroke-width="2.6" stroke-linecap="round" stroke-linejoin="round" aria-hidden="true">
    <path d="M4 9c3.5 0 4.5 9 9 9h6c4.500 0 5.500-9 9-9" />
    <path d="M16 18v9" />
    <circle cx="16" cy="28" r="1.600" fill="currentColor" />
    <path d="M16 15c-3.500-2-4.500-6.500 0-11 4.500 4.500 3.500 9 0 11z" fill="currentColor" stroke="none" />
</svg>
