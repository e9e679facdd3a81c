<x-trouble title="No access">You are signed in, but this page is not for you.</x-trouble>
